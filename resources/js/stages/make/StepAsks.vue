<script setup lang="ts">
import { ref } from 'vue';
import type { Step } from '../../api/plan';
import { readLength } from '../../measure/read';
import { render } from '../../measure/words';
import { happened } from '../../project/facts';
import { useOutbox } from '../../project/outbox';
import { useProject } from '../../project/store';
import { type Facts, isRecorded } from './atWork';
import WorkActs from './WorkActs.vue';
import { say } from '../../measure/say';

/** What will be covered: a photo of each, and two distances from things that stay, kept on this device until the server has them. */
const props = defineProps<{ project: string; asks: Step['asks']; facts: Facts }>();
const store = useProject();
const outbox = useOutbox();
const at = ref<string | null>(null);
const typed = ref({ firstFrom: '', firstLength: '', secondFrom: '', secondLength: '' });
const trouble = ref('');
async function keep(about: string): Promise<void> {
    const said = typed.value;
    try {
        const pair = (from: string, length: string): { from: string; length: number } | undefined =>
            from.trim() && length.trim() ? { from: from.trim(), length: readLength(length, store.documentUnit).mm } : undefined;
        const first = pair(typed.value.firstFrom, typed.value.firstLength);
        const second = pair(typed.value.secondFrom, typed.value.secondLength);
        if (!first && !second) throw new Error(say('Nothing was kept; expected a thing that stays, and how far it is from it.'));
        // The form is free for the next thing at once: what is typed there meanwhile is another's.
        typed.value = { firstFrom: '', firstLength: '', secondFrom: '', secondLength: '' };
        at.value = null;
        trouble.value = '';
        await outbox.add(props.project, [happened({ kind: 'hidden', about, ...(first ? { first } : {}), ...(second ? { second } : {}) })]);
    } catch (error) {
        [typed.value, at.value] = [said, about];
        trouble.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <ul class="asks" aria-label="to be recorded">
        <li v-for="a in asks" :key="a.about">
            <b>{{ isRecorded(facts, a.about) ? '✓' : '○' }} {{ render(a.name, store.unit) }}</b>
            <span class="acts">
                <button class="act" @click="at = at === a.about ? null : a.about">Distances</button>
                <WorkActs :project="project" :about="a.about" :what="render(a.name, store.unit)" />
            </span>
            <form v-if="at === a.about" @submit.prevent="keep(a.about)">
                <input v-model="typed.firstLength" aria-label="first distance" :placeholder="store.documentUnit" />
                <span>from</span>
                <input v-model="typed.firstFrom" aria-label="first thing that stays" placeholder="the door frame" />
                <input v-model="typed.secondLength" aria-label="second distance" :placeholder="store.documentUnit" />
                <span>from</span>
                <input v-model="typed.secondFrom" aria-label="second thing that stays" placeholder="the floor" />
                <button type="submit" class="act">Keep</button>
                <p v-if="trouble" role="alert" class="stop">{{ trouble }}</p>
            </form>
        </li>
    </ul>
</template>

<style scoped>
.asks {
    list-style: none;
    margin: 0 0 10px;
    padding: 0;
}
li {
    padding: 8px 0;
    border-bottom: 1px solid var(--rule);
}
.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 6px;
}
.acts :deep(.act),
form .act {
    min-height: 48px;
    font-size: 17px;
}
form {
    display: grid;
    grid-template-columns: 110px auto minmax(0, 1fr);
    gap: 8px;
    align-items: center;
    margin-top: 8px;
}
input {
    font: inherit;
    font-size: 17px;
    padding: 9px 10px;
    border: 1px solid var(--rule);
    background: var(--sheet);
    color: var(--ink);
    min-width: 0;
}
form .act {
    grid-column: 1 / -1;
    justify-content: center;
}
.stop {
    grid-column: 1 / -1;
    color: var(--brick);
    margin: 0;
}
</style>
