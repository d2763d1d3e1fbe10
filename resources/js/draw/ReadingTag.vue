<script setup lang="ts">
import { computed } from 'vue';
import type { Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import { read } from '../measure/show';
import type { Frame } from './frame';
import { tagPlace } from './tags';

/** What a tape read, or a question mark; drawn above all tapes, so that a finger always finds it. */
const props = defineProps<{ stroke: Stroke; frame: Frame; unit: Unit; picked: boolean; doubted: boolean; name: string }>();
const emit = defineEmits<{ pick: [ref: string] }>();

const tag = computed(() => tagPlace(props.stroke, props.frame));
const label = computed(() => read(props.stroke, props.unit, '?'));
const width = computed(() => Math.max(26, label.value.length * 7 + 12));
</script>

<template>
    <g
        class="reading"
        :class="[{ picked, doubted, unread: label === '?' }, stroke.layer]"
        tabindex="0"
        role="button"
        :aria-label="`${name}: ${label === '?' ? 'not read yet' : label}`"
        @click="emit('pick', stroke.ref!)"
        @keydown.enter.stop="emit('pick', stroke.ref!)"
    >
        <rect :x="tag.x - width / 2" :y="tag.y - 10" :width="width" height="19" rx="2" class="tag" />
        <text :x="tag.x" :y="tag.y + 4" text-anchor="middle">{{ label }}</text>
    </g>
</template>
