<script setup lang="ts">
import { computed } from 'vue';
import { happened } from '../../project/facts';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { type Fact, making, verdictOf } from './record';
import { said } from './saying';
import { say } from '../../measure/say';

/** What happened, newest first. Nothing is erased: what is struck out stays to be read, and can be put back. */
const project = useProject();
const guarded = useRefusals();
const rows = computed(() => making(project.document!));
const known = computed(() => ({ document: project.document!, plan: project.plan!, unit: project.unit }));
const when = (f: Fact): string => (f.at ? `${f.at.slice(0, 10)} ${f.at.slice(11, 16)}` : '');
const verdict = (id: string): string => {
    const last = verdictOf(project.document!, id);
    return last === null ? '' : last.good ? say('Later: it was right.') : say('Later: better otherwise.');
};
const judge = (of: string, good: boolean): Promise<boolean> => guarded(project.change(happened({ kind: 'verdict', of, good })));
</script>

<template>
    <div class="listing">
        <p v-if="!rows.length" class="soft">
            Nothing has happened yet. What is bought, cut, done, noted or photographed is written down here.
        </p>
        <ol aria-label="record">
            <li v-for="{ id, fact } in rows" :key="id" :class="{ struck: fact.struck }">
                <span class="soft when">{{ when(fact) }}</span>
                <span class="what">
                    {{ said(fact, known) }}
                    <span v-if="fact.kind === 'choice' && !fact.struck" class="later">
                        {{ verdict(id) }}
                        <button class="linkish" @click="judge(id, true)">it was right</button>
                        <button class="linkish" @click="judge(id, false)">better otherwise</button>
                    </span>
                    <a v-if="fact.kind === 'picture'" :href="`/api/projects/${project.line!.id}/photos/${fact.photo}`" target="_blank">
                        <img :src="`/api/projects/${project.line!.id}/photos/${fact.photo}?thumb=1`" :alt="said(fact, known)" />
                    </a>
                </span>
                <button
                    class="linkish"
                    @click="guarded(project.change({ op: fact.struck ? 'restore' : 'strike', path: ['facts', id], value: null }))"
                >
                    {{ fact.struck ? 'put back' : 'strike out' }}
                </button>
            </li>
        </ol>
    </div>
</template>

<style scoped>
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 124px minmax(0, 1fr) auto;
    gap: 10px;
    padding: 5px 0;
    border-bottom: 1px solid var(--rule);
}
.struck .what {
    text-decoration: line-through;
    color: var(--soft);
}
.later {
    display: block;
    font-size: 13px;
    color: var(--soft);
}
img {
    display: block;
    max-width: 160px;
    max-height: 120px;
    margin-top: 4px;
}
</style>
