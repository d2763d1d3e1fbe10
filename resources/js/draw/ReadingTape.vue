<script setup lang="ts">
import { computed } from 'vue';
import type { Stroke } from '../api/plan';
import type { Frame } from './frame';
import { line } from './path';

/** Where a tape or level lies. */
const props = defineProps<{ stroke: Stroke; frame: Frame; picked: boolean }>();
const emit = defineEmits<{ pick: [ref: string] }>();

const ends = computed(() => {
    const [[u1, v1], [u2, v2]] = props.stroke.points as [[number, number], [number, number]];
    return line(props.frame.x(u1), props.frame.y(v1), props.frame.x(u2), props.frame.y(v2));
});
</script>

<template>
    <g class="reading" :class="[{ picked }, stroke.layer]" aria-hidden="true" @click="emit('pick', stroke.ref!)">
        <path :d="ends" class="catch" />
        <path :d="ends" class="tape" />
    </g>
</template>
