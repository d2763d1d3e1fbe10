<script setup lang="ts">
import { computed } from 'vue';
import type { BenchFace, BoreRow } from '../../api/plan';
import { show } from '../../measure/show';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import { holes } from './bench';

/** One face of a board as it lies on the bench with that face up: all that is drilled and let in, to scale, numbered by the lines of the list. */
const props = defineProps<{ face: BenchFace; width: number; banded: readonly string[]; lit: string | null; first: number }>();
const project = useProject();

const scale = computed(() => Math.min((props.width - 120) / props.face.length, 230 / props.face.width));
const px = (mm: number): number => mm * scale.value;
const flip = (y: number): number => px(props.face.width - y);
const path = computed(() =>
    props.face.loops.map((loop) => `M${loop.map(([x, y]) => `${px(x!).toFixed(1)} ${flip(y!).toFixed(1)}`).join('L')}Z`).join(''),
);
const of = (row: BoreRow): string => `${props.face.face} ${props.first + props.face.rows.indexOf(row)}`;
/** Never smaller than can be seen. */
const radius = (row: BoreRow): number => Math.max(2, px(row.diameter / 2));
const points = (row: BoreRow): [number, number][] =>
    row.slots.length ? [] : row.along.flatMap((x) => row.across.map((y): [number, number] => [px(x), flip(y)]));
/** The row's number, before its first hole and inside the board. */
const tag = (row: BoreRow): { x: number; y: number } => {
    const y = flip(row.across[0]!) - 4;
    return { x: px(row.slots[0]?.x ?? row.along[0]!) - radius(row) - 3, y: y < 12 ? y + 18 : y };
};
const bands = computed(() => {
    const [w, h] = [px(props.face.length), px(props.face.width)];
    const at = { left: [0, 0, 0, h], right: [w, 0, w, h], lower: [0, h, w, h], upper: [0, 0, w, 0] } as const;
    return (['left', 'right', 'lower', 'upper'] as const).filter((s) => props.banded.includes(props.face.sides[s])).map((s) => at[s]);
});
const count = computed(() => props.face.rows.reduce((n, row) => n + holes(row), 0));
</script>

<template>
    <svg
        :width="px(face.length) + 112"
        :height="px(face.width) + 54"
        role="img"
        :aria-label="`${word(`board_face.${face.face}`)}, ${count} holes`"
    >
        <g transform="translate(56 24)">
            <path :d="path" class="board" />
            <circle
                v-for="(r, i) in face.round"
                :key="`r${i}`"
                :cx="px(r.x + r.length / 2)"
                :cy="flip(r.y + r.width / 2)"
                :r="px(r.length / 2)"
                class="through"
            />
            <rect
                v-for="(r, i) in face.recesses.filter((t) => !['notch', 'cut_out', 'round_cut_out'].includes(t.kind))"
                :key="`t${i}`"
                :x="px(r.x)"
                :y="flip(r.y + r.width)"
                :width="px(r.length)"
                :height="px(r.width)"
                class="recess"
            />
            <rect
                v-for="(r, i) in face.hidden"
                :key="`h${i}`"
                :x="px(r.x)"
                :y="flip(r.y + r.width)"
                :width="Math.max(1.5, px(r.length))"
                :height="Math.max(1.5, px(r.width))"
                class="inside"
            />
            <line v-for="(b, i) in bands" :key="`b${i}`" :x1="b[0]" :y1="b[1]" :x2="b[2]" :y2="b[3]" class="band" />
            <g v-for="(row, n) in face.rows" :key="n" :class="{ lit: lit === of(row) }">
                <rect
                    v-for="(r, i) in row.slots"
                    :key="`s${i}`"
                    :x="px(r.x)"
                    :y="flip(r.y + r.width)"
                    :width="px(r.length)"
                    :height="px(r.width)"
                    :rx="Math.min(px(r.length), px(r.width)) / 2"
                    class="hole"
                />
                <circle v-for="([x, y], i) in points(row)" :key="i" :cx="x" :cy="y" :r="radius(row)" class="hole" />
                <text v-bind="tag(row)" text-anchor="end" class="no">{{ first + n }}</text>
            </g>
            <text :x="-8" :y="px(face.width) / 2 + 4" text-anchor="end" class="end">{{ word(`board_end.${face.sides.left}`) }}</text>
            <text :x="px(face.length) + 8" :y="px(face.width) / 2 + 4" class="end">{{ word(`board_end.${face.sides.right}`) }}</text>
            <text :x="px(face.length) / 2" y="-8" text-anchor="middle" class="end">{{ word(`board_edge.${face.sides.upper}`) }}</text>
            <text :x="px(face.length) / 2" :y="px(face.width) + 18" text-anchor="middle" class="end">
                {{ word(`board_edge.${face.sides.lower}`) }}, {{ show(face.length, project.unit) }} long
            </text>
            <path :d="`M-4 ${px(face.width) + 4}h14M-4 ${px(face.width) + 4}v-14`" class="datum" />
        </g>
    </svg>
</template>

<style scoped>
svg {
    display: block;
}
.board {
    fill: var(--board-fill);
    stroke: var(--ink);
    fill-rule: evenodd;
}
.through {
    fill: var(--sheet);
    stroke: var(--ink);
}
.recess {
    fill: var(--filler-fill);
    stroke: var(--ink);
    stroke-width: 0.7;
}
.inside {
    fill: none;
    stroke: var(--soft);
    stroke-width: 0.8;
    stroke-dasharray: 3 2;
}
.band {
    stroke: var(--chalk);
    stroke-width: 3.5;
}
.hole {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 1.2;
}
.lit .hole {
    fill: var(--chalk);
    stroke: var(--chalk);
}
.no {
    font-size: 11px;
    font-weight: 700;
    fill: var(--chalk);
}
.end {
    font-size: 11px;
    fill: var(--soft);
}
.datum {
    fill: none;
    stroke: var(--brick);
    stroke-width: 2;
}
</style>
