<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import { render } from '../measure/words';
import { dragged } from './drag';
import type { Frame } from './frame';
import { outline } from './path';

/** A thing in the way. Dragged, or nudged with the arrow keys, it says which of its numbers change and by how much. */
const props = defineProps<{ stroke: Stroke; frame: Frame; unit: Unit; picked: boolean }>();
const emit = defineEmits<{ pick: [ref: string]; move: [ref: string, by: Record<string, number>] }>();

const from = ref<{ x: number; y: number } | null>(null);
const by = ref({ x: 0, y: 0 });
const name = computed(() => (props.stroke.text ? render(props.stroke.text, props.unit) : ''));
const moves = computed(() => props.stroke.move ?? ['', '']);

function down(e: PointerEvent): void {
    (e.currentTarget as Element).setPointerCapture(e.pointerId);
    from.value = { x: e.clientX, y: e.clientY };
    emit('pick', props.stroke.ref!);
}

function over(e: PointerEvent): void {
    if (!from.value) return;
    by.value = { x: moves.value[0] ? e.clientX - from.value.x : 0, y: moves.value[1] ? e.clientY - from.value.y : 0 };
}

function up(): void {
    const moved = dragged(moves.value, by.value, props.frame.scale, props.unit);
    from.value = null;
    by.value = { x: 0, y: 0 };
    if (moved) emit('move', props.stroke.ref!, moved);
}

const steps: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** One step of the unit's fine grid, ten with Shift. */
function nudge(e: KeyboardEvent): void {
    const step = steps[e.key];
    if (!step) return;
    const mm = (props.unit === 'in' ? 25.4 / 16 : 1) * (e.shiftKey ? 10 : 1);
    const moved = dragged(moves.value, { x: step[0] * mm, y: step[1] * mm }, 1, props.unit, mm);
    e.preventDefault();
    e.stopPropagation();
    if (moved) emit('move', props.stroke.ref!, moved);
}
</script>

<template>
    <g
        class="thing"
        :class="[{ picked }, `on-${stroke.layer}`]"
        tabindex="0"
        role="button"
        :aria-label="name"
        :transform="`translate(${by.x} ${by.y})`"
        @pointerdown="down"
        @pointermove="over"
        @pointerup="up"
        @pointercancel="up"
        @keydown.enter.stop="emit('pick', stroke.ref!)"
        @keydown="nudge"
    >
        <title>{{ name }}</title>
        <path :d="outline(stroke.points ?? [], frame)" class="grip" />
        <path :d="outline(stroke.points ?? [], frame)" class="body" />
    </g>
</template>
