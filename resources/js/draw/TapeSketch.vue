<script setup lang="ts">
import { computed } from 'vue';
import type { Drawing } from '../api/plan';
import type { Frame } from './frame';
import { trace } from './path';

/** A thumbnail of the space with one tape in it: where to hold it. */
const props = defineProps<{ drawing: Drawing; tape: readonly (readonly number[])[]; label: string }>();
const WIDTH = 54;
const HEIGHT = 54;

const frame = computed<Frame>(() => {
    const [left, bottom, right, top] = props.drawing.bounds as [number, number, number, number];
    const scale = Math.min((WIDTH - 6) / (right - left), (HEIGHT - 6) / (top - bottom));
    const [x0, y0] = [(WIDTH - (right - left) * scale) / 2, (HEIGHT - (top - bottom) * scale) / 2];
    return { width: WIDTH, height: HEIGHT, scale, x: (u) => x0 + (u - left) * scale, y: (v) => y0 + (top - v) * scale };
});
const shapes = computed(() => props.drawing.items.filter((i) => i.kind === 'shape'));
</script>

<template>
    <svg :width="WIDTH" :height="HEIGHT" role="img" :aria-label="label" class="sketch">
        <path v-for="(s, i) in shapes" :key="i" :d="`${trace(s.points ?? [], frame)}Z`" :class="['shape', `on-${s.layer}`]" />
        <path :d="trace(tape, frame)" class="tape" />
    </svg>
</template>

<style scoped>
.shape {
    stroke: var(--soft);
    stroke-width: 1;
}
.on-wall {
    fill: var(--rule);
    stroke: none;
}
.tape {
    stroke: var(--chalk);
    stroke-width: 2.6;
    stroke-linecap: round;
    fill: none;
}
</style>
