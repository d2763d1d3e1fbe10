<script setup lang="ts">
import { computed, ref } from 'vue';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import EmptyBoard from '../../ui/EmptyBoard.vue';
import { usePicked } from '../../ui/picked';
import PieceTabs from '../../ui/PieceTabs.vue';
import TallyPicked from '../../ui/TallyPicked.vue';
import ClearanceBudget from './ClearanceBudget.vue';
import EdgeRows from './EdgeRows.vue';
import { edgeKey, edgeRef } from './edges';
import EdgeWays from './EdgeWays.vue';
import OffsetsCard from './OffsetsCard.vue';
import TakeTemplate from './TakeTemplate.vue';
import TemplateBoard from './TemplateBoard.vue';

const project = useProject();
const picked = usePicked();
const view = ref('place');

const own = computed(() => (project.piece ? project.plan?.drawings[project.piece[0]] : undefined));
const edge = computed(() => (project.piece && project.fitted ? edgeKey(project.piece[0], project.fitted.edges, picked.value) : 'left'));
const fitted = computed(() => project.fitted?.edges[edge.value] ?? null);
const isWhole = computed(() => !edge.value.includes('/'));
const templates = computed(() =>
    Object.entries(project.plan?.templates ?? {})
        .filter(([, t]) => t.piece === project.piece?.[0])
        .map(([key, t]) => ({ key, name: render(t.name, project.unit) })),
);
/** What is picked where it has a template, else the edge in hand, else the first there is. */
const template = computed(() => {
    const keys = templates.value.map((t) => t.key);
    const wanted = [picked.value ?? '', project.piece ? edgeRef(project.piece[0], edge.value) : ''];
    return wanted.find((k) => keys.includes(k)) ?? keys[0] ?? null;
});
const views = computed(() => [
    { key: 'place', label: 'In its place' },
    ...(templates.value.length > 0 ? [{ key: 'template', label: 'Cut lines' }] : []),
]);
</script>

<template>
    <EmptyBoard v-if="!own" says="Read one width on Site first: the fit follows from the readings." />
    <TemplateBoard v-else-if="view === 'template' && template" :of="template" :views="views" @view="(v) => (view = v)">
        <template #strip><PieceTabs /></template>
    </TemplateBoard>
    <BoardDrawings
        v-else
        :drawings="[{ drawing: own.front!, label: 'piece in its niche from the front' }]"
        :views="views"
        view="place"
        title="Front, in its place"
        @view="(v) => (view = v)"
    >
        <template #strip><PieceTabs /></template>
    </BoardDrawings>
    <aside class="tally" aria-label="tally">
        <template v-if="project.piece && project.fitted">
            <TallyPicked :fallback="view === 'template' ? edgeRef(project.piece[0], edge) : `${project.piece[0]}/clear`" />
            <EdgeRows :chosen="edge" />
            <EdgeWays v-if="isWhole && fitted" :key="edge" :edge="edge" />
            <OffsetsCard v-if="fitted?.scribe" :key="`o${edge}`" :edge="edge" />
            <TakeTemplate v-if="template && (view === 'template' || fitted?.scribe)" :of="template" />
            <ClearanceBudget />
        </template>
    </aside>
</template>
