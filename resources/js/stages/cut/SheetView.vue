<script setup lang="ts">
import { computed, ref } from 'vue';
import type { MaterialPlan, Placement, Sheet } from '../../api/plan';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useDrag } from './drag';
import SawMarks from './SawMarks.vue';
import { useSize } from '../../ui/size';
import { say } from '../../measure/say';

/** One sheet to scale: parts with their marks, cuts numbered in the order they are made, what is left over. */
const props = defineProps<{ material: MaterialPlan; sheet: Sheet; lit?: number | null; small?: boolean; number?: number }>();
const project = useProject();
const picked = usePicked();
const box = ref<HTMLElement | null>(null);
const size = useSize(box, { width: 860, height: 380 });

const scale = computed(() =>
    Math.min((size.value.width - (props.small ? 34 : 60)) / props.sheet.length, (size.value.height - 52) / props.sheet.width),
);
const trim = computed(() => {
    const [left, right, near, far] = props.sheet.trims as [number, number, number, number];
    if (Math.max(left, right, near, far) === 0) return say('no trim');
    return left === right && near === far && left === near
        ? say('trim {0} each edge', show(left, project.unit))
        : say(
              'trim left {0}, right {1}, upper {2}, lower {3}',
              show(left, project.unit),
              show(right, project.unit),
              show(near, project.unit),
              show(far, project.unit),
          );
});
const px = (mm: number): number => mm * scale.value;
const parts = computed(() => new Map((project.plan?.parts ?? []).map((p) => [p.id, p])));

const { dragged, locked, grab, drag, drop, shift } = useDrag(props, scale);

const name = (p: Placement): string => {
    const part = parts.value.get(p.part);
    return part ? render(part.name, project.unit) : p.part;
};
const upright = (p: Placement): boolean => px(p.length_mm) < 70 && p.width_mm > p.length_mm;
const middle = (p: Placement): [number, number] => [px(p.x_mm + p.length_mm / 2), px(p.y_mm + p.width_mm / 2)];
const room = (p: Placement): number => (upright(p) ? px(p.width_mm) : px(p.length_mm));
/** The lesser extent on screen, across the direction the text runs in. */
const across = (p: Placement): number => (upright(p) ? px(p.length_mm) : px(p.width_mm));
const fits = (p: Placement, text: string): boolean => room(p) > text.length * 6.4 + 8;
</script>

<template>
    <div ref="box" class="sheet">
        <svg
            :width="px(sheet.length) + (small ? 12 : 40)"
            :height="px(sheet.width) + 40"
            role="group"
            :aria-label="`${material.name}, ${sheet.placements.length} parts`"
        >
            <g :transform="small ? 'translate(6 20)' : 'translate(26 22)'">
                <text x="0" y="-8" class="tiny">
                    {{ sheet.in_hand ? `${sheet.size_name}, in hand · ` : '' }}{{ show(sheet.length, project.unit) }} ×
                    {{ show(sheet.width, project.unit) }} · kerf {{ show(material.kerf, project.unit) }} · {{ trim }}
                </text>
                <rect :width="px(sheet.length)" :height="px(sheet.width)" class="stock" />
                <g v-for="(o, i) in sheet.offcuts" :key="`o${i}`">
                    <rect :x="px(o.x_mm)" :y="px(o.y_mm)" :width="px(o.length_mm)" :height="px(o.width_mm)" class="offcut" />
                    <text
                        v-if="o.worth_keeping && px(o.length_mm) > 90 && px(o.width_mm) > 16"
                        :x="px(o.x_mm + o.length_mm / 2)"
                        :y="px(o.y_mm + o.width_mm / 2) + 4"
                        text-anchor="middle"
                        class="tiny"
                    >
                        left {{ show(o.length_mm, project.unit) }} × {{ show(o.width_mm, project.unit) }}
                    </text>
                </g>
                <g
                    v-for="p in sheet.placements"
                    :key="p.label"
                    class="part"
                    :class="{ picked: p.part === picked, held: dragged?.part.label === p.label }"
                    :transform="shift(p)"
                    tabindex="0"
                    role="button"
                    :aria-label="`${p.label} ${name(p)}`"
                    @click="picked = p.part"
                    @keydown.enter="picked = p.part"
                    @pointerdown="grab(p, $event)"
                    @pointermove="drag"
                    @pointerup="drop"
                    @pointercancel="dragged = null"
                >
                    <title>{{ p.label }} {{ name(p) }}{{ locked(p) ? ', locked' : '' }}</title>
                    <rect :x="px(p.x_mm)" :y="px(p.y_mm)" :width="px(p.length_mm)" :height="px(p.width_mm)" />
                    <path
                        v-if="!small && parts.get(p.part)?.grain === 'length' && px(p.length_mm) > 60 && px(p.width_mm) > 26"
                        :d="`M${px(p.x_mm) + 8} ${px(p.y_mm + p.width_mm) - 7}h26m-5 -3l5 3l-5 3`"
                        class="grain"
                    />
                    <path
                        v-if="locked(p)"
                        :d="`M${px(p.x_mm + p.length_mm) - 16} ${px(p.y_mm) + 10}h10v8h-10zm2 0v-2a3 3 0 0 1 6 0v2`"
                        class="locked"
                    />
                    <g :transform="`translate(${middle(p)[0]} ${middle(p)[1]})${upright(p) ? ' rotate(-90)' : ''}`">
                        <text text-anchor="middle" :y="across(p) < 14 ? 3 : 4" :class="{ small: across(p) < 14 }">
                            <tspan class="mark">{{ p.label }}</tspan>
                            <tspan v-if="across(p) >= 14 && fits(p, `${p.label} ${name(p)}`)" dx="5">{{ name(p) }}</tspan>
                        </text>
                        <text v-if="across(p) > 42 && fits(p, '0000.0 × 0000.0')" text-anchor="middle" y="18" class="tiny">
                            {{ show(p.length_mm, project.unit) }} × {{ show(p.width_mm, project.unit) }}
                        </text>
                    </g>
                </g>
                <SawMarks :cuts="sheet.cuts" :scale="scale" :lit="lit ?? null" :small="small ?? false" />
            </g>
        </svg>
    </div>
</template>

<style scoped>
.sheet {
    flex: 1 1 60%;
    min-height: 200px;
    background: var(--sheet-fill);
    margin: 0 16px;
    border: 1px solid var(--rule);
    display: grid;
    place-items: center;
    overflow: hidden;
}
text {
    font-size: 11.5px;
    fill: var(--ink);
}
.tiny {
    font-size: 10.5px;
    fill: var(--soft);
}
.stock {
    fill: var(--back-fill);
    stroke: var(--soft);
    stroke-width: 1;
}
.offcut {
    fill: none;
    stroke: var(--rule);
    stroke-dasharray: 4 3;
}
.part {
    cursor: pointer;
    touch-action: none;
}
.part rect {
    fill: var(--board-fill);
    stroke: var(--ink);
    stroke-width: 1.1;
}
.part.picked rect {
    fill: var(--chalk-wash);
    stroke: var(--chalk);
    stroke-width: 2.2;
}
.held {
    opacity: 0.7;
    cursor: grabbing;
}
.locked {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.3;
}
.mark {
    font-weight: 700;
}
.grain {
    stroke: var(--soft);
    fill: none;
    stroke-width: 0.9;
}
</style>
