<script setup lang="ts">
import { computed } from 'vue';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { labelOf, sheetOf } from './replan';
import { say } from '../../measure/say';

/** Pieces whose use was decided; each can be decided anew. */
const project = useProject();
const guarded = useRefusals();
type Piece = NonNullable<typeof project.plan>['rework']['pieces'][number];
const pieces = computed(() => project.plan!.rework.pieces.filter((p) => p.use !== null && !p.open));
function said(p: Piece): string {
    if (p.use === 'stock') return say('a board to cut from');
    if (p.serves === null) return 'lost';
    const own = labelOf(project.plan!, p.serves);
    return p.worth === 'right' ? own : say('{0}, to be trimmed', own);
}
const anew = (p: Piece): Promise<boolean> => guarded(project.set(['rework', p.begun, 'uses', p.item], null));
</script>

<template>
    <template v-if="pieces.length">
        <h3>What was decided</h3>
        <ul aria-label="what was decided">
            <li v-for="p in pieces" :key="p.begun + p.item">
                <span
                    >{{ sheetOf(project.plan!, p.begun) }}: what was cut as {{ labelOf(project.plan!, p.part) }},
                    {{ show(p.length, project.unit) }} × {{ show(p.width, project.unit) }}, is <b>{{ said(p) }}</b></span
                >
                <button class="linkish" :aria-label="`decide anew of ${labelOf(project.plan!, p.part)}`" @click="anew(p)">
                    decide anew
                </button>
            </li>
        </ul>
    </template>
</template>

<style scoped>
ul {
    list-style: none;
    margin: 4px 0;
    padding: 0;
}
li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    padding: 3px 0;
    border-bottom: 1px solid var(--rule);
}
</style>
