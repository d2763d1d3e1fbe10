<script setup lang="ts">
import { computed } from 'vue';
import type { Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import { render } from '../measure/words';
import type { Frame } from './frame';
import { line, ribbon } from './path';
import { called } from '../measure/called';

const props = defineProps<{ stroke: Stroke; frame: Frame; unit: Unit; picked: boolean }>();
const emit = defineEmits<{ pick: [ref: string] }>();

const outward = computed(() => (props.stroke.side === 'left' ? -1 : 1));
const base = computed(() => props.frame.x(props.stroke.base ?? 0));

/** Stations that would print on top of each other show one figure. */
const stations = computed(() => {
    let lastY = Infinity;
    return (props.stroke.stations ?? []).map((s) => {
        const y = props.frame.y(s.at);
        const shown = lastY - y > 14;
        if (shown) lastY = y;
        return {
            y,
            shown,
            reach: outward.value * s.value * (props.stroke.times ?? 1) * props.frame.scale,
            text: show(s.value, props.unit),
        };
    });
});
const ends = computed(() => [stations.value[0]!, stations.value[stations.value.length - 1]!] as const);
const title = computed(() => (props.stroke.title ? render(props.stroke.title, props.unit) : ''));
</script>

<template>
    <g
        class="ribbon"
        :class="{ picked, pickable: stroke.ref }"
        :tabindex="stroke.ref ? 0 : undefined"
        :role="stroke.ref ? 'button' : 'img'"
        :aria-label="`${called(stroke.side ?? 'left')}: ${title} ×${stroke.times}`"
        @click="stroke.ref && emit('pick', stroke.ref)"
        @keydown.enter="stroke.ref && emit('pick', stroke.ref)"
    >
        <path :d="ribbon(base, stations)" class="band" />
        <path :d="line(base, ends[0].y, base, ends[1].y)" class="base" />
        <template v-for="(s, i) in stations" :key="i">
            <circle :cx="base + s.reach" :cy="s.y" r="2.6" />
            <text v-if="s.shown" :x="base + s.reach + outward * 7" :y="s.y + 4" :text-anchor="outward < 0 ? 'end' : 'start'">{{
                s.text
            }}</text>
        </template>
        <text :x="base - outward * 6" :y="ends[1].y - 28" class="tiny" :text-anchor="outward < 0 ? 'end' : 'start'">{{ title }}</text>
        <text :x="base - outward * 6" :y="ends[1].y - 15" class="tiny" :text-anchor="outward < 0 ? 'end' : 'start'"
            >×{{ stroke.times }}</text
        >
    </g>
</template>
