<script setup lang="ts">
import { computed } from 'vue';
import type { Drawing } from '../api/plan';
import { commonScale, frameOf } from '../draw/frame';
import { outline } from '../draw/path';

/** A drawing small, its shapes alone, with numbered marks on it; pressed, it says where. mm of the drawing. */
const props = defineProps<{
    drawing: Drawing;
    label: string;
    width: number;
    height: number;
    marks: { x: number; y: number; text: string }[];
}>();
const emit = defineEmits<{ press: [at: { x: number; y: number }] }>();
/** No room is kept for the figures that are left out. */
const shapes = computed(() => ({ ...props.drawing, items: props.drawing.items.filter((i) => i.kind === 'shape') }));
const frame = computed(() => frameOf(shapes.value, commonScale([shapes.value], props.width, props.height)));
function press(e: MouseEvent): void {
    const box = (e.currentTarget as SVGElement).getBoundingClientRect();
    const { x, y, scale } = frame.value;
    emit('press', { x: Math.round((e.clientX - box.left - x(0)) / scale), y: Math.round((y(0) - (e.clientY - box.top)) / scale) });
}
</script>

<template>
    <svg :width="frame.width" :height="frame.height" role="img" :aria-label="label" class="where" @click="press">
        <path v-for="(s, i) in shapes.items" :key="i" :d="outline(s.points ?? [], frame)" />
        <g v-for="(m, i) in marks" :key="`m${i}`" class="mark">
            <circle :cx="frame.x(m.x)" :cy="frame.y(m.y)" r="9" />
            <text :x="frame.x(m.x)" :y="frame.y(m.y) + 4" text-anchor="middle">{{ m.text }}</text>
        </g>
    </svg>
</template>

<style scoped>
.where {
    display: block;
    background: var(--sheet);
    border: 1px solid var(--rule);
    margin: 4px 0 8px;
}
.where path {
    fill: var(--board-fill);
    stroke: var(--wood-soft);
    stroke-width: 0.8;
}
.mark circle {
    fill: var(--chalk);
    stroke: var(--sheet);
    stroke-width: 2;
}
.mark text {
    fill: var(--sheet);
    font-size: 11px;
    font-weight: 700;
}
</style>
