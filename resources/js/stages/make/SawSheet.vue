<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Cut, Sheet } from '../../api/plan';
import { useSize } from '../../ui/size';

/** The sheet as it lies: what is cut already is grey, the next cut is heavy, the edge it is measured from is marked. */
const props = defineProps<{ sheet: Sheet; cut: Cut | null; made: ReadonlyMap<number, string>; kerf: number }>();
const box = ref<HTMLElement | null>(null);
const size = useSize(box, { width: 500, height: 400 });
const scale = computed(() => Math.min((size.value.width - 30) / props.sheet.length, (size.value.height - 30) / props.sheet.width));
/** On the screen a sheet's own width runs down, as in the sheet plan. */
const y = (mm: number): number => 12 + mm * scale.value;
const x = (mm: number): number => 12 + mm * scale.value;
const line = (c: Cut): string =>
    c.axis === 'x' ? `M${x(c.at_mm)} ${y(c.from_mm)}V${y(c.to_mm)}` : `M${x(c.from_mm)} ${y(c.at_mm)}H${x(c.to_mm)}`;
/** The edge that lies against the fence. */
const edge = computed(() => {
    const c = props.cut;
    if (!c) return '';
    const at = c.from_far ? c.at_mm + props.kerf + c.fence_mm : c.at_mm - c.fence_mm;
    return c.axis === 'x' ? `M${x(at)} ${y(c.from_mm)}V${y(c.to_mm)}` : `M${x(c.from_mm)} ${y(at)}H${x(c.to_mm)}`;
});
const done = computed(() => props.sheet.cuts.filter((c) => props.made.has(c.order)));
const free = computed(() => new Set(done.value.flatMap((c) => [c.off, c.rest].filter((p) => p?.what === 'part').flatMap((p) => p!.parts))));
const coming = computed(() => new Set([props.cut?.off, props.cut?.rest].filter((p) => p?.what === 'part').flatMap((p) => p!.parts)));
</script>

<template>
    <div ref="box" class="lie">
        <svg :width="sheet.length * scale + 24" :height="sheet.width * scale + 24" role="img" aria-label="the sheet as it lies">
            <rect :x="12" :y="12" :width="sheet.length * scale" :height="sheet.width * scale" class="whole" />
            <g v-for="p in sheet.placements" :key="`${p.part}${p.half ?? ''}`">
                <rect
                    :x="x(p.x_mm)"
                    :y="y(p.y_mm)"
                    :width="p.length_mm * scale"
                    :height="p.width_mm * scale"
                    :class="['part', { free: free.has(p.label), coming: coming.has(p.label) }]"
                />
                <text
                    v-if="p.length_mm * scale > 22 && p.width_mm * scale > 15"
                    :x="x(p.x_mm + p.length_mm / 2)"
                    :y="y(p.y_mm + p.width_mm / 2) + 5"
                    text-anchor="middle"
                >
                    {{ p.label }}
                </text>
            </g>
            <path v-for="c in done" :key="c.order" :d="line(c)" class="kerf" />
            <template v-if="cut">
                <path :d="edge" class="fence" />
                <path :d="line(cut)" class="next" />
            </template>
        </svg>
    </div>
</template>

<style scoped src="./lies.css"></style>
<style scoped>
.lie {
    min-width: 0;
    min-height: 0;
    display: grid;
    place-items: center;
    overflow: hidden;
}
.kerf {
    stroke: var(--sheet);
    stroke-width: 3;
}
.fence {
    stroke: var(--ink);
    stroke-width: 5;
    stroke-dasharray: 10 4;
}
</style>
