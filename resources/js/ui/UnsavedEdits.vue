<script setup lang="ts">
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { useProject } from '../project/store';
import type { Waiting } from '../project/waiting';
import { wordsOf } from '../project/wordsOf';
import { useRefusals } from './refusals';

/** Edits that the server would not have: each with its reason, to be tried again or given up. */
const project = useProject();
const guarded = useRefusals();
const emit = defineEmits<{ close: [] }>();
async function settle(work: Promise<void>): Promise<void> {
    await guarded(work);
    if (project.amiss.length === 0) emit('close');
}
const said = (w: Waiting): string => w.ops.map((o) => wordsOf(o, project.document!)).join(', ');
</script>

<template>
    <Dialog visible modal header="Not saved" :style="{ width: '620px', maxWidth: '96vw' }" @update:visible="emit('close')">
        <p class="soft">These edits are kept on this device until you decide.</p>
        <ul aria-label="edits that are not saved">
            <li v-for="w in project.amiss" :key="w.change_id">
                <span
                    ><b>{{ said(w) }}</b
                    ><br />{{ w.refused }}</span
                >
                <Button size="small" label="Try again" @click="settle(project.tryAgain(w))" />
                <Button size="small" severity="secondary" label="Give it up" @click="settle(project.giveUp(w))" />
            </li>
        </ul>
    </Dialog>
</template>

<style scoped>
ul {
    list-style: none;
    margin: 0;
    padding: 0;
}
li {
    display: grid;
    grid-template-columns: 1fr auto auto;
    gap: 10px;
    align-items: center;
    padding: 8px 0;
    border-top: 1px solid var(--rule);
}
</style>
