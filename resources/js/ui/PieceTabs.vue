<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../project/store';
import { usePicked } from './picked';

/** The pieces of the project, to go from one to another; more may stand behind them. */
const project = useProject();
const picked = usePicked();
const here = computed(() => project.piece?.[0]);
const entries = computed(() =>
    project.spaces.flatMap(([spaceId, space]) => {
        const pieces = project.pieces.filter(([, p]) => p.space === spaceId);
        const plain = pieces.length > 1 || project.spaces.length === 1;
        return pieces.map(([id, p]) => ({ id, spaceId, name: plain ? p.name : `${space.name}: ${p.name}` }));
    }),
);

function go(spaceId: string, id: string): void {
    picked.value = null;
    project.chosenSpace = spaceId;
    project.chosenPiece = id;
}
</script>

<template>
    <nav class="strip" aria-label="pieces">
        <button v-for="e in entries" :key="e.id" :class="{ on: e.id === here }" :aria-current="e.id === here" @click="go(e.spaceId, e.id)">
            {{ e.name }}
        </button>
        <slot />
    </nav>
</template>
