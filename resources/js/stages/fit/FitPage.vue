<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import EmptyBoard from '../../ui/EmptyBoard.vue';
import PieceTabs from '../../ui/PieceTabs.vue';
import TallyPicked from '../../ui/TallyPicked.vue';
import ClearanceBudget from './ClearanceBudget.vue';
import EdgeChoices from './EdgeChoices.vue';

const project = useProject();
const own = computed(() => (project.piece ? project.plan?.drawings[project.piece[0]] : undefined));
</script>

<template>
    <BoardDrawings
        v-if="own"
        :drawings="[{ drawing: own.front!, label: 'piece in its niche from the front' }]"
        :views="[]"
        view="front"
        title="Front, in its place"
    >
        <template #strip><PieceTabs /></template>
    </BoardDrawings>
    <EmptyBoard v-else says="Read one width on Site first: the fit follows from the readings." />
    <aside class="tally" aria-label="tally">
        <TallyPicked :fallback="project.piece ? `${project.piece[0]}/clear` : null" />
        <template v-if="project.piece && project.fitted">
            <EdgeChoices side="left" />
            <EdgeChoices side="right" />
            <ClearanceBudget />
        </template>
    </aside>
</template>
