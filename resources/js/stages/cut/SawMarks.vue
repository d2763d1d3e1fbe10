<script setup lang="ts">
import { computed } from 'vue';
import type { Cut } from '../../api/plan';

/** The cuts of a sheet, numbered in the order they are made; one of them lit, those after it dim. */
const props = defineProps<{ cuts: Cut[]; scale: number; lit: number | null; small: boolean }>();
const shown = computed(() => props.cuts.filter((c) => !c.trim));
const px = (mm: number): number => mm * props.scale;
const markAt = (c: Cut): [number, number] => (c.axis === 'x' ? [px(c.at_mm), px(c.from_mm) - 1] : [px(c.from_mm), px(c.at_mm)]);
const line = (c: Cut): { x1: number; y1: number; x2: number; y2: number } =>
    c.axis === 'x'
        ? { x1: px(c.at_mm), x2: px(c.at_mm), y1: px(c.from_mm), y2: px(c.to_mm) }
        : { x1: px(c.from_mm), x2: px(c.to_mm), y1: px(c.at_mm), y2: px(c.at_mm) };
</script>

<template>
    <g>
        <g v-for="c in shown" :key="c.order" class="sawcut" :class="{ lit: c.order === lit, dim: lit && c.order > lit }">
            <line v-bind="line(c)" />
            <circle v-if="!small" :cx="markAt(c)[0]" :cy="markAt(c)[1]" r="7.5" />
            <text v-if="!small" :x="markAt(c)[0]" :y="markAt(c)[1] + 3.5" text-anchor="middle">{{ c.order }}</text>
        </g>
    </g>
</template>

<style scoped>
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
