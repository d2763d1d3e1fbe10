<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Cut, MaterialPlan, Placement, Sheet } from '../../api/plan';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useSize } from '../../ui/size';

/** One sheet to scale: parts with their marks, cuts numbered in the order they are made, what is left over. */
const props = defineProps<{ material: MaterialPlan; sheet: Sheet; lit?: number | null; small?: boolean }>();
const project = useProject();
const picked = usePicked();
const box = ref<HTMLElement | null>(null);
const size = useSize(box, { width: 860, height: 380 });

const scale = computed(() =>
    Math.min((size.value.width - (props.small ? 34 : 60)) / props.sheet.length, (size.value.height - 52) / props.sheet.width),
);
const trim = computed(() => {
    const [left, right, near, far] = props.sheet.trims as [number, number, number, number];
    if (Math.max(left, right, near, far) === 0) return 'no trim';
    return left === right && near === far && left === near
        ? `trim ${show(left, project.unit)} each edge`
        : `trim left ${show(left, project.unit)}, right ${show(right, project.unit)}, upper ${show(near, project.unit)}, lower ${show(far, project.unit)}`;
});
const px = (mm: number): number => mm * scale.value;
const parts = computed(() => new Map((project.plan?.parts ?? []).map((p) => [p.id, p])));
const cuts = computed(() => props.sheet.cuts.filter((c) => !c.trim));

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
const markAt = (c: Cut): [number, number] => (c.axis === 'x' ? [px(c.at_mm), px(c.from_mm) - 1] : [px(c.from_mm), px(c.at_mm)]);
const line = (c: Cut): { x1: number; y1: number; x2: number; y2: number } =>
    c.axis === 'x'
        ? { x1: px(c.at_mm), x2: px(c.at_mm), y1: px(c.from_mm), y2: px(c.to_mm) }
        : { x1: px(c.from_mm), x2: px(c.to_mm), y1: px(c.at_mm), y2: px(c.at_mm) };
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
                    :class="{ picked: p.part === picked }"
                    tabindex="0"
                    role="button"
                    :aria-label="`${p.label} ${name(p)}`"
                    @click="picked = p.part"
                    @keydown.enter="picked = p.part"
                >
                    <title>{{ p.label }} {{ name(p) }}</title>
                    <rect :x="px(p.x_mm)" :y="px(p.y_mm)" :width="px(p.length_mm)" :height="px(p.width_mm)" />
                    <path
                        v-if="!small && parts.get(p.part)?.grain === 'length' && px(p.length_mm) > 60 && px(p.width_mm) > 26"
                        :d="`M${px(p.x_mm) + 8} ${px(p.y_mm + p.width_mm) - 7}h26m-5 -3l5 3l-5 3`"
                        class="grain"
                    />
                    <g :transform="`translate(${middle(p)[0]} ${middle(p)[1]})${upright(p) ? ' rotate(-90)' : ''}`">
                        <text text-anchor="middle" :y="across(p) < 14 ? 3 : 4" :class="{ small: across(p) < 14 }">
                            <tspan class="mark">{{ p.label }}</tspan>
                            <tspan v-if="across(p) >= 14 && fits(p, `${p.label} ${name(p)}`)" dx="5">{{ name(p) }}</tspan>
                        </text>
                        <text v-if="across(p) > 34 && fits(p, '0000.0 × 0000.0')" text-anchor="middle" y="18" class="tiny">
                            {{ show(p.length_mm, project.unit) }} × {{ show(p.width_mm, project.unit) }}
                        </text>
                    </g>
                </g>
                <g v-for="c in cuts" :key="c.order" class="sawcut" :class="{ lit: c.order === lit, dim: lit && c.order > lit }">
                    <line v-bind="line(c)" />
                    <circle v-if="!small" :cx="markAt(c)[0]" :cy="markAt(c)[1]" r="7.5" />
                    <text v-if="!small" :x="markAt(c)[0]" :y="markAt(c)[1] + 3.5" text-anchor="middle">{{ c.order }}</text>
                </g>
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
.mark {
    font-weight: 700;
}
.grain {
    stroke: var(--soft);
    fill: none;
    stroke-width: 0.9;
}
.sawcut line {
    stroke: var(--chalk);
    stroke-width: 1.1;
    stroke-dasharray: 6 3;
}
.sawcut circle {
    fill: var(--sheet);
    stroke: var(--chalk);
}
.sawcut.lit line {
    stroke-width: 3;
    stroke-dasharray: none;
}
.sawcut.lit circle {
    fill: var(--chalk);
}
.sawcut.lit text {
    fill: var(--sheet);
}
.sawcut.dim {
    opacity: 0.35;
}
.sawcut text {
    font-size: 9px;
    font-weight: 700;
    fill: var(--chalk);
}
</style>
