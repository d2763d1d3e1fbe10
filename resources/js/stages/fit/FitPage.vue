<script setup lang="ts">
import { computed, ref } from 'vue';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import EmptyBoard from '../../ui/EmptyBoard.vue';
import { usePicked } from '../../ui/picked';
import PieceTabs from '../../ui/PieceTabs.vue';
import TallyPicked from '../../ui/TallyPicked.vue';
import CarryIn from './CarryIn.vue';
import ClearanceBudget from './ClearanceBudget.vue';
import CrownAngles from './CrownAngles.vue';
import EdgeRows from './EdgeRows.vue';
import { edgeKey, edgeRef } from './edges';
import EdgeWays from './EdgeWays.vue';
import LevelTally from './LevelTally.vue';
import MovesBoard from './MovesBoard.vue';
import MovesTally from './MovesTally.vue';
import { stopped } from './moves';
import OffsetsCard from './OffsetsCard.vue';
import ShimTags from './ShimTags.vue';
import TakeTemplate from './TakeTemplate.vue';
import TemplateBoard from './TemplateBoard.vue';
import { say } from '../../measure/say';

const project = useProject();
const picked = usePicked();
const view = ref('place');

const own = computed(() => (project.piece ? project.plan?.drawings[project.piece[0]] : undefined));
const edge = computed(() => (project.piece && project.fitted ? edgeKey(project.piece[0], project.fitted.edges, picked.value) : 'left'));
const fitted = computed(() => project.fitted?.edges[edge.value] ?? null);
const isWhole = computed(() => !edge.value.includes('/'));
const isTemplate = (key: string | null): boolean => key !== null && key in (project.plan?.templates ?? {});
/** What is picked where it has a template, else the edge in hand. */
const shown = computed(() => (isTemplate(picked.value) ? picked.value! : edgeRef(project.piece![0], edge.value)));
/** What moves: what is picked of it, else the first that is stopped short, else the first. */
const motion = computed(() => {
    const all = project.fitted?.motions ?? [];
    return all.find((m) => m.id === picked.value || m.parts.includes(picked.value ?? '')) ?? all.find(stopped) ?? all[0] ?? null;
});
const views = computed(() => [
    { key: 'place', label: say('In its place') },
    { key: 'lines', label: say('Gaps and cut lines') },
    { key: 'level', label: say('Level and flush') },
    { key: 'carry', label: say('Will it go in?') },
    ...(motion.value ? [{ key: 'moves', label: say('What moves') }] : []),
]);
</script>

<template>
    <EmptyBoard v-if="!own" says="Read one width on Site first: the fit follows from the readings." />
    <CarryIn v-else-if="view === 'carry'" :views="views" @view="(v) => (view = v)" />
    <MovesBoard v-else-if="view === 'moves' && motion" :motion="motion" :views="views" @view="(v) => (view = v)" />
    <TemplateBoard v-else-if="view === 'lines' && fitted" :of="shown" :views="views" @view="(v) => (view = v)">
        <template #strip><PieceTabs /></template>
    </TemplateBoard>
    <BoardDrawings
        v-else-if="view === 'level'"
        :drawings="[{ drawing: own.top!, label: 'piece from above, with what is packed under it' }]"
        :views="views"
        view="level"
        title="From above: packing under the base"
        @view="(v) => (view = v)"
    >
        <template #strip><PieceTabs /></template>
        <template #over="{ frame }"><ShimTags :frame="frame" /></template>
    </BoardDrawings>
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
    <aside v-if="view !== 'carry'" class="tally" aria-label="tally">
        <MovesTally v-if="view === 'moves' && motion" :motion="motion" @choose="(id) => (picked = id)" />
        <LevelTally v-else-if="view === 'level' && project.piece && project.fitted" />
        <template v-else-if="project.piece && project.fitted">
            <TallyPicked :fallback="view === 'lines' ? edgeRef(project.piece[0], edge) : `${project.piece[0]}/clear`" />
            <EdgeRows :chosen="edge" />
            <EdgeWays v-if="isWhole && fitted" :key="edge" :edge="edge" />
            <CrownAngles v-if="edge === 'top' && project.fitted.crown" />
            <OffsetsCard v-if="fitted?.scribe" :key="`o${edge}`" :edge="edge" />
            <TakeTemplate v-if="isTemplate(shown)" :of="shown" />
            <ClearanceBudget />
        </template>
    </aside>
</template>
