<script setup lang="ts">
import { computed } from 'vue';
import type { Stroke } from '../api/plan';
import type { Frame } from './frame';

/** A bay's mark in its corner: a place to pick it by, whatever stands in it. */
const props = defineProps<{ stroke: Stroke; frame: Frame; picked: boolean }>();
const emit = defineEmits<{ pick: [ref: string] }>();

const at = computed(() => {
    const [[u, v]] = props.stroke.points as [[number, number]];
    return { x: props.frame.x(u) + 3, y: props.frame.y(v) + 3 };
});
const width = computed(() => (props.stroke.words ?? '').length * 6.4 + 7);
</script>

<template>
    <g
        class="bay-mark"
        :class="{ picked }"
        tabindex="0"
        role="button"
        :aria-label="`bay ${stroke.words}`"
        @click="emit('pick', stroke.ref!)"
        @keydown.enter.stop="emit('pick', stroke.ref!)"
    >
        <rect :x="at.x" :y="at.y" :width="width" height="15" rx="2" />
        <text :x="at.x + width / 2" :y="at.y + 11.5" text-anchor="middle">{{ stroke.words }}</text>
    </g>
</template>
