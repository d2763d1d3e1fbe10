<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Cell } from '../api/plan';
import type { Unit } from '../measure/read';
import { showWithUnit } from '../measure/show';
import { render } from '../measure/words';
import { type Divided, divided } from './divide';
import type { Frame } from './frame';

/** The divider at a bay's right: dragged, or nudged with the arrow keys, it says how wide the bay is to be. */
const props = defineProps<{ cell: Cell; bay: string; frame: Frame; unit: Unit }>();
const emit = defineEmits<{ divide: [bay: string, to: Divided] }>();

const from = ref<number | null>(null);
const to = ref<Divided | null>(null);
const x = computed(() => props.frame.x((props.cell.corner[0] ?? 0) + (to.value?.width ?? props.cell.width.mm)));
const top = computed(() => props.frame.y((props.cell.corner[2] ?? 0) + (props.cell.size[2] ?? 0)));
const foot = computed(() => props.frame.y(props.cell.corner[2] ?? 0));
const says = computed(() => {
    if (!to.value) return '';
    const width = showWithUnit(to.value.width, props.unit);
    return to.value.snap ? `${width}, ${render(to.value.snap.why, props.unit)}` : width;
});

function down(e: PointerEvent): void {
    (e.currentTarget as Element).setPointerCapture(e.pointerId);
    from.value = e.clientX;
}
function over(e: PointerEvent): void {
    if (from.value === null) return;
    to.value = divided(props.cell, (e.clientX - from.value) / props.frame.scale, props.frame.scale, props.unit);
}
function up(): void {
    const last = to.value;
    from.value = to.value = null;
    if (last && last.width !== props.cell.width.mm) emit('divide', props.bay, last);
}
function nudge(e: KeyboardEvent): void {
    const side = e.key === 'ArrowLeft' ? -1 : e.key === 'ArrowRight' ? 1 : 0;
    if (side === 0) return;
    e.preventDefault();
    e.stopPropagation();
    const step = (props.unit === 'in' ? 25.4 / 16 : 1) * (e.shiftKey ? 10 : 1) * side;
    const width = Math.min(props.cell.drag!.most, Math.max(props.cell.drag!.least, props.cell.width.mm + step));
    emit('divide', props.bay, { width: Math.round(width * 1e6) / 1e6, snap: null });
}
</script>

<template>
    <g
        class="divider-grip"
        :class="{ dragging: from !== null }"
        tabindex="0"
        role="slider"
        :aria-label="`divider right of bay ${cell.label}`"
        :aria-valuenow="cell.width.mm"
        :aria-valuemin="cell.drag!.least"
        :aria-valuemax="cell.drag!.most"
        :aria-valuetext="showWithUnit(cell.width.mm, unit)"
        @pointerdown="down"
        @pointermove="over"
        @pointerup="up"
        @pointercancel="up"
        @keydown="nudge"
    >
        <rect :x="x - 3" :y="top" width="14" :height="Math.max(8, foot - top)" class="catch" />
        <path v-if="from !== null" :d="`M${x} ${top}V${foot}`" class="ghost" />
        <path :d="`M${x + 2} ${(top + foot) / 2 - 9}v18m4 -18v18`" class="handle" />
        <text v-if="says" :x="x" :y="top - 8" text-anchor="middle">{{ says }}</text>
    </g>
</template>
