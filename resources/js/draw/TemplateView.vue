<script setup lang="ts">
import { computed } from 'vue';
import type { Template } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import { render } from '../measure/words';
import type { Frame } from './frame';
import { outline, trace } from './path';
import { apart, templateFrame, times } from './template';

/** A template as it will be cut. Long lines are drawn magnified across their length, and say by how much. */
const props = defineProps<{ template: Template; width: number; height: number; unit: Unit; label: string }>();

const magnified = computed(() => times(props.template.bounds));
const frame = computed<Frame>(() => templateFrame(props.template.bounds, props.width, props.height, magnified.value));
const marks = computed(() =>
    apart(
        props.template.marks.map((m, key) => {
            const text = magnified.value > 1 ? show(Math.abs(m.at[1]!), props.unit) : render(m.text, props.unit);
            const wide = text.length * 6.2;
            const [x, y] = [frame.value.x(m.at[0]!), frame.value.y(m.at[1]!)];
            // Along a line words stand over their mark; on an outline they keep to the paper.
            const anchor = magnified.value > 1 ? 'middle' : x > props.width * 0.6 ? 'end' : 'start';
            const before = anchor === 'middle' ? wide / 2 : anchor === 'end' ? wide : 0;
            return { x, y, text, under: magnified.value > 1 ? show(m.at[0]!, props.unit) : '', key, anchor, before, after: wide - before };
        }),
        magnified.value > 1,
    ),
);
const below = computed(() => props.template.bounds[1]! < 0);
</script>

<template>
    <svg class="template" :width="width" :height="height" role="group" :aria-label="label">
        <path
            v-for="(l, i) in template.lines"
            :key="i"
            :d="l.closed ? outline(l.points, frame) : trace(l.points, frame)"
            :class="['t-line', `t-${l.layer}`]"
        />
        <g v-for="m in marks" :key="m.key">
            <circle :cx="m.x" :cy="m.y" r="2.6" class="t-dot" />
            <text :x="m.x + (m.anchor === 'middle' ? 0 : m.anchor === 'end' ? -6 : 5)" :y="m.y + (below ? 17 : -8)" :text-anchor="m.anchor">
                {{ m.text }}
            </text>
            <text v-if="m.under" :x="m.x" :y="frame.y(0) + (below ? -8 : 17)" text-anchor="middle" class="tiny">{{ m.under }}</text>
        </g>
        <text v-if="template.left" :x="frame.x(0) - 8" :y="frame.y(0) + 4" text-anchor="end" class="end">
            {{ render(template.left, unit) }}
        </text>
        <text v-if="template.right" :x="frame.x(template.bounds[2]!) + 8" :y="frame.y(0) + 4" class="end">
            {{ render(template.right, unit) }}
        </text>
        <text :x="width / 2" :y="height - 12" text-anchor="middle" class="tiny">
            {{ render(template.seen, unit) }}{{ magnified > 1 ? ` · across ×${magnified}` : '' }}
        </text>
    </svg>
</template>

<style scoped>
.template text {
    font-size: 12px;
    fill: var(--ink);
}
.template .tiny {
    font-size: 11px;
    fill: var(--soft);
}
.template .end {
    font-weight: 600;
}
.t-line {
    fill: none;
    stroke: var(--ink);
}
.t-cut {
    stroke-width: 2.2;
}
.t-straight {
    stroke: var(--chalk);
    stroke-width: 1.4;
}
.t-blank {
    stroke: var(--soft);
    stroke-dasharray: 7 4;
}
.t-station {
    stroke: var(--rule);
}
.t-dot {
    fill: var(--ink);
}
</style>
