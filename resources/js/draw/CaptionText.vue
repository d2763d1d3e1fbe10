<script setup lang="ts">
import { computed } from 'vue';
import type { Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import { render } from '../measure/words';
import type { Frame } from './frame';

/** Words below a line of the drawing, no wider than it. */
const props = defineProps<{ stroke: Stroke; frame: Frame; unit: Unit }>();
const emit = defineEmits<{ pick: [ref: string] }>();
const box = computed(() => {
    const [[u1, v], [u2]] = props.stroke.points as [[number, number], [number, number]];
    return { x: props.frame.x(u1), y: props.frame.y(v), width: Math.max(40, props.frame.x(u2) - props.frame.x(u1)) };
});
</script>

<template>
    <foreignObject :x="box.x" :y="box.y" :width="box.width" height="110">
        <button v-if="stroke.ref" type="button" class="caption" @click="emit('pick', stroke.ref)">{{ render(stroke.text!, unit) }}</button>
        <div v-else class="caption">{{ render(stroke.text!, unit) }}</div>
    </foreignObject>
</template>

<style scoped>
.caption {
    width: 100%;
    padding: 6px 5px;
    border: 0;
    background: none;
    color: var(--ink);
    font: inherit;
    font-size: 12px;
    line-height: 1.25;
    text-align: center;
    cursor: pointer;
    overflow-wrap: anywhere;
}
</style>
