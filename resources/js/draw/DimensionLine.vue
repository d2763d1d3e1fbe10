<script setup lang="ts">
import { computed } from 'vue';
import type { Stroke } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import type { Frame } from './frame';
import { line, tick } from './path';

const props = defineProps<{ stroke: Stroke; frame: Frame; unit: Unit; picked: boolean; floor: number; edge: number }>();
const emit = defineEmits<{ pick: [ref: string] }>();

const label = computed(() => `${props.stroke.exact ? '' : '≈ '}${show(props.stroke.value ?? 0, props.unit)}`);
const width = computed(() => label.value.length * 6.6 + 10);

const place = computed(() => {
    const { frame, stroke } = props;
    const [[u1, v1], [u2, v2]] = stroke.points as [[number, number], [number, number]];
    const rank = stroke.rank ?? 1;
    if (stroke.side === 'below') {
        const y = props.floor + 22 + 25 * (rank - 1);
        const [x1, x2] = [frame.x(u1), frame.x(u2)];
        const narrow = x2 - x1 < width.value;
        // A gap's figure stands outside the piece; others on the side with more room.
        const toLeft = stroke.ref?.endsWith('/left') || (!stroke.ref?.endsWith('/right') && x1 < props.edge / 2);
        const outside = narrow ? (toLeft ? x1 - width.value / 2 - 3 : x2 + width.value / 2 + 3) : (x1 + x2) / 2;
        return {
            x1,
            y1: y,
            x2,
            y2: y,
            tx: outside,
            ty: narrow ? y + 4 : y - 4,
            from: line(x1, props.floor - 4, x1, y + 4),
            to: line(x2, props.floor - 4, x2, y + 4),
        };
    }
    const x = frame.x(u1) + 22 + 74 * (rank - 1);
    const [y1, y2] = [frame.y(v1), frame.y(v2)];
    return { x1: x, y1, x2: x, y2, tx: x + 6 + width.value / 2 - 4, ty: (y1 + y2) / 2 + 4, from: '', to: '' };
});
</script>

<template>
    <g
        class="dimension"
        :class="{ picked, pickable: stroke.ref }"
        :tabindex="stroke.ref ? 0 : undefined"
        :role="stroke.ref ? 'button' : undefined"
        :aria-label="`dimension ${label}`"
        @click="stroke.ref && emit('pick', stroke.ref)"
        @keydown.enter="stroke.ref && emit('pick', stroke.ref)"
    >
        <path :d="place.from + place.to" class="witness" />
        <path :d="line(place.x1, place.y1, place.x2, place.y2)" class="thin" />
        <path :d="tick(place.x1, place.y1) + tick(place.x2, place.y2)" class="ticks" />
        <rect :x="place.tx - width / 2" :y="place.ty - 13" :width="width" height="18" class="pickbox" />
        <text :x="place.tx" :y="place.ty" text-anchor="middle">{{ label }}</text>
    </g>
</template>
