<script setup lang="ts">
import { computed, ref, useSlots } from 'vue';
import type { Drawing } from '../api/plan';
import DrawingView from '../draw/DrawingView.vue';
import { commonScale, scaleBar } from '../draw/frame';
import { show } from '../measure/show';
import { render } from '../measure/words';
import { useProject } from '../project/store';
import FileLink from './FileLink.vue';
import FindingMarks from './FindingMarks.vue';
import { usePicked } from './picked';
import { useSize } from './size';
import ViewTabs from './ViewTabs.vue';

/** The board: drawings side by side at one scale, with the title block in the corner. */
const props = defineProps<{
    drawings: { drawing: Drawing; label: string }[];
    views: { key: string; label: string }[];
    view: string;
    title: string;
    doubted?: readonly string[];
}>();
const emit = defineEmits<{ view: [key: string]; move: [ref: string, by: Record<string, number>] }>();

const slots = useSlots();
const project = useProject();
const picked = usePicked();
const board = ref<HTMLElement | null>(null);
const size = useSize(board, { width: 800, height: 600 });

const BLOCK = 74;
const NARROW = 600;
/** Where two drawings side by side would be too small to read they stand one under the other. */
const isStacked = computed(() => props.drawings.length > 1 && size.value.width < NARROW);
const scale = computed(() => {
    const [width, height] = [size.value.width - 24, size.value.height - BLOCK - (slots.strip ? 28 : 0)];
    const all = props.drawings.map((d) => d.drawing);
    return isStacked.value ? Math.min(...all.map((d) => commonScale([d], width, height))) : commonScale(all, width, height);
});
const bar = computed(() => scaleBar(scale.value, project.unit));
/** Where the first drawing can be taken from: a drawing of the plan, and none that was made here. */
const svg = computed(() => {
    for (const [of, views] of Object.entries(project.plan?.drawings ?? {}))
        for (const [view, drawing] of Object.entries(views))
            if (drawing === props.drawings[0]?.drawing)
                return `/api/projects/${project.line!.id}/drawing.svg?${new URLSearchParams({ of, view, unit: project.unit })}`;
    return null;
});
const names = computed(() => {
    const all: Record<string, string> = {};
    for (const part of project.plan?.parts ?? []) all[part.id] = `${part.label} ${render(part.name, project.unit)}`;
    for (const site of Object.values(project.plan?.site ?? {})) for (const r of site.walk) all[r.id] = render(r.name, project.unit);
    return all;
});
</script>

<template>
    <main ref="board" class="board" @click.self="picked = null">
        <slot name="strip" />
        <div class="lay" :class="{ under: $slots.strip, stacked: isStacked }" @click.self="picked = null">
            <DrawingView
                v-for="(d, index) in drawings"
                :key="d.label"
                :drawing="d.drawing"
                :label="d.label"
                :scale="scale"
                :unit="project.unit"
                :picked="picked"
                :doubted="doubted ?? []"
                :names="names"
                @pick="(r) => (picked = r)"
                @move="(r, by) => emit('move', r, by)"
            >
                <template #entry><slot name="entry" /></template>
                <template #over="{ frame }">
                    <slot name="over" :frame="frame" :index="index" />
                    <FindingMarks :drawing="d.drawing" :frame="frame" />
                </template>
            </DrawingView>
        </div>
        <div class="title-block">
            <div>
                <small>view</small>{{ title }}
                <FileLink v-if="svg" :to="svg" title="this drawing in full size, 1 mm a millimetre">SVG</FileLink>
            </div>
            <div>
                <small>scale</small>
                <svg :width="bar * scale + 30" height="13" aria-hidden="true">
                    <path :d="`M1 3v8M1 7h${bar * scale}m0 -4v8M${1 + (bar * scale) / 2} 5v4`" class="bar" />
                    <text :x="bar * scale + 5" y="11">{{ show(bar, project.unit).replace(/\.0$/, '') }}</text>
                </svg>
            </div>
            <div><small>sizes in</small>{{ project.unit }}</div>
            <div><small>revision</small>{{ project.revision }}</div>
            <ViewTabs v-if="views.length > 1" :views="views" :view="view" @view="(v: string) => emit('view', v)" />
        </div>
    </main>
</template>

<style scoped>
.lay {
    display: flex;
    justify-content: center;
    align-items: flex-start;
    height: 100%;
    padding: 10px 12px;
}
.under {
    padding-top: 38px;
}
.stacked {
    flex-direction: column;
    justify-content: flex-start;
    align-items: center;
    overflow-y: auto;
    padding-bottom: 90px;
}
.title-block a {
    color: var(--chalk);
    margin-left: 6px;
}
.title-block {
    display: grid;
    grid-template-columns: repeat(4, auto);
}
.title-block > div {
    border-right: 1px solid var(--rule);
}
.title-block .views {
    grid-column: 1 / 5;
    border-right: 0;
}
.bar {
    stroke: var(--ink);
    fill: none;
}
svg text {
    font-size: 10.5px;
    fill: var(--soft);
}
</style>
