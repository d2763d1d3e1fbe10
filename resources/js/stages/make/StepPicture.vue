<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Step } from '../../api/plan';
import { commonScale, frameOf } from '../../draw/frame';
import { outline } from '../../draw/path';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { useSize } from '../../ui/size';
import SheetSketch from './SheetSketch.vue';
import { pictureOf, pieceOfStep } from './steps';

/** The piece in the round, as far as it is together, with what this step is about lit and named. */
const props = defineProps<{ index: number }>();
const project = useProject();
const board = ref<HTMLElement | null>(null);
const size = useSize(board, { width: 500, height: 500 });
const steps = computed(() => project.plan!.steps);
const step = computed<Step>(() => steps.value[props.index]!);
const picture = computed(() => pictureOf(steps.value, props.index));
/** Cut to what is there: a base alone is not lost under an empty carcass. */
const drawing = computed(() => {
    const whole = project.plan!.drawings[pieceOfStep(project.plan!, step.value) ?? '']?.axon ?? null;
    const points = (whole?.items ?? []).filter((i) => i.ref && picture.value.there.has(i.ref)).flatMap((i) => i.points ?? []);
    if (!whole || points.length === 0) return whole;
    const us = points.map((p) => p[0]!);
    const vs = points.map((p) => p[1]!);
    return { ...whole, bounds: [Math.min(...us), Math.min(...vs), Math.max(...us), Math.max(...vs)] } as typeof whole;
});
const scale = computed(() => (drawing.value ? commonScale([drawing.value], size.value.width, size.value.height) : 0.1));
const frame = computed(() => (drawing.value ? frameOf(drawing.value, scale.value) : null));
const faces = computed(() => (drawing.value?.items ?? []).filter((i) => i.kind === 'shape' && i.ref && picture.value.there.has(i.ref)));
const names = computed(() => Object.fromEntries(project.plan!.parts.map((p) => [p.id, p])));

/** A mark on each lit part, on its largest face; where there are many, parts alike share the first one's place. */
const marks = computed(() => {
    const best = new Map<string, { area: number; at: [number, number] }>();
    for (const face of faces.value) {
        if (!picture.value.lit.has(face.ref!)) continue;
        const points = (face.points ?? []) as [number, number][];
        let area = 0;
        points.forEach(([u, v], i) => {
            const [u2, v2] = points[(i + 1) % points.length]!;
            area += u * v2 - u2 * v;
        });
        const at: [number, number] = [
            points.reduce((n, p) => n + p[0], 0) / points.length,
            points.reduce((n, p) => n + p[1], 0) / points.length,
        ];
        if (Math.abs(area) > (best.get(face.ref!)?.area ?? 0)) best.set(face.ref!, { area: Math.abs(area), at });
    }
    return [...best].slice(0, 24).map(([id, { at }]) => ({ id, label: names.value[id]?.label ?? '', at }));
});
</script>

<template>
    <div ref="board" class="picture">
        <SheetSketch
            v-if="step.sheet"
            :material="step.sheet.material"
            :number="step.sheet.sheet"
            :width="size.width"
            :height="size.height"
        />
        <svg
            v-else-if="frame && faces.length"
            :width="frame.width"
            :height="frame.height"
            role="img"
            :aria-label="`picture: ${render(step.title, project.unit)}`"
        >
            <path
                v-for="(f, i) in faces"
                :key="i"
                :d="outline(f.points ?? [], frame)"
                :class="['face', `on-${f.layer}`, { lit: picture.lit.has(f.ref!) }]"
            >
                <title>{{ names[f.ref!]?.label }} {{ names[f.ref!] ? render(names[f.ref!]!.name, project.unit) : '' }}</title>
            </path>
            <path
                v-for="(f, i) in faces.filter((x) => picture.lit.has(x.ref!))"
                :key="`l${i}`"
                :d="outline(f.points ?? [], frame)"
                class="through"
            />
            <g v-for="m in marks" :key="m.id" class="tag">
                <text :x="frame.x(m.at[0])" :y="frame.y(m.at[1]) + 4" text-anchor="middle">{{ m.label }}</text>
            </g>
        </svg>
        <p v-else class="soft">Nothing to see here: this is about the room.</p>
    </div>
</template>

<style scoped>
.picture {
    min-width: 0;
    min-height: 0;
    overflow: hidden;
    display: grid;
    place-items: center;
}
.face {
    stroke: var(--ink);
    stroke-width: 0.9;
    stroke-linejoin: round;
}
.on-axon_top {
    fill: var(--back-fill);
}
.on-axon_front {
    fill: var(--board-fill);
}
.on-axon_side {
    fill: var(--cut-fill);
}
.lit {
    stroke-width: 1.8;
    stroke: var(--chalk);
}
.lit.on-axon_top {
    fill: var(--chalk-wash);
}
.lit.on-axon_front,
.lit.on-axon_side {
    fill: color-mix(in srgb, var(--chalk) 32%, var(--chalk-wash));
}
/* What is lit shows through what stands before it. */
.through {
    fill: var(--chalk);
    fill-opacity: 0.1;
    stroke: var(--chalk);
    stroke-width: 1;
    stroke-dasharray: 4 3;
}
.tag text {
    font-size: 12.5px;
    font-weight: 650;
    fill: var(--ink);
    stroke: var(--sheet);
    stroke-width: 3px;
    paint-order: stroke;
}
</style>
