<script setup lang="ts">
import { computed, ref } from 'vue';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import EmptyBoard from '../../ui/EmptyBoard.vue';
import PieceChoices from './PieceChoices.vue';
import ShelfChoices from './ShelfChoices.vue';
import TallyPicked from '../../ui/TallyPicked.vue';

const project = useProject();
const view = ref('front');
const own = computed(() => (project.piece ? project.plan?.drawings[project.piece[0]] : undefined));
const drawings = computed(() => {
    if (!own.value) return [];
    if (view.value === 'top') return [{ drawing: own.value.top!, label: 'piece from above' }];
    return [
        { drawing: own.value.front!, label: 'piece from the front' },
        { drawing: own.value.section!, label: 'section through the first bay' },
    ];
});
</script>

<template>
    <BoardDrawings
        v-if="drawings.length"
        :drawings="drawings"
        :views="[
            { key: 'front', label: 'Front and section' },
            { key: 'top', label: 'From above' },
        ]"
        :view="view"
        :title="view === 'top' ? 'From above' : 'Front, with section'"
        @view="(v) => (view = v)"
    />
    <EmptyBoard v-else says="Read one width on Site first: the piece is made to the space." />
    <aside class="tally" aria-label="tally">
        <TallyPicked :fallback="project.piece ? `${project.piece[0]}/carcass_width` : null" />
        <template v-if="project.piece">
            <ShelfChoices />
            <PieceChoices />
        </template>
    </aside>
</template>
