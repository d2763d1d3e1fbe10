<script setup lang="ts">
import { computed } from 'vue';
import type { Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import { render } from '../measure/words';
import type { Frame } from './frame';

/** A name beside a thing, and a line from it to the thing: out at a slant, then level to the words. */
const props = defineProps<{ stroke: Stroke; frame: Frame; unit: Unit }>();
const emit = defineEmits<{ pick: [ref: string] }>();

const out = computed(() => (props.stroke.side === 'left' ? -1 : 1));
const at = computed(() => {
    const [[u, v]] = props.stroke.points as [[number, number]];
    return { x: props.frame.x(u), y: props.frame.y(v) };
});
const words = computed(() => (props.stroke.text ? render(props.stroke.text, props.unit) : ''));
</script>

<template>
    <g class="leader pickable" @click="stroke.ref && emit('pick', stroke.ref)">
        <circle :cx="at.x" :cy="at.y" r="2" />
        <path :d="`M${at.x} ${at.y}l${-out * 22} 34h${-out * 12}`" />
        <text :x="at.x - out * 38" :y="at.y + 38" :text-anchor="out < 0 ? 'start' : 'end'">{{ words }}</text>
    </g>
</template>
