<script setup lang="ts">
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { computed } from 'vue';
import { useProject } from '../project/store';
import { useRefusals } from './refusals';

const project = useProject();
const guarded = useRefusals();
const shown = (value: unknown): string => (value === null || value === undefined ? 'taken away' : JSON.stringify(value));
const rows = computed(() =>
    (project.conflict?.mine ?? []).map((op) => ({ what: op.path.at(-1), mine: shown(op.value), theirs: shown(theirsOf(op.path)) })),
);

function theirsOf(path: readonly string[]): unknown {
    const key = `/${path.join('/')}`;
    return project.conflict?.theirs[key];
}
</script>

<template>
    <Dialog :visible="project.conflict !== null" modal header="Two versions" :closable="false" :style="{ width: '520px' }">
        <p>{{ project.conflict?.message }}</p>
        <table>
            <thead>
                <tr>
                    <th />
                    <th>yours</th>
                    <th>theirs</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(r, i) in rows" :key="i">
                    <td>{{ r.what }}</td>
                    <td>{{ r.mine }}</td>
                    <td>{{ r.theirs }}</td>
                </tr>
            </tbody>
        </table>
        <template #footer>
            <Button label="Keep theirs" severity="secondary" @click="guarded(project.settle(false))" />
            <Button label="Put mine over it" @click="guarded(project.settle(true))" />
        </template>
    </Dialog>
</template>

<style scoped>
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 13px;
}
th {
    text-align: left;
    color: var(--soft);
    font-weight: 400;
}
td {
    padding: 4px 10px 4px 0;
    vertical-align: top;
    word-break: break-word;
    border-top: 1px solid var(--rule);
}
</style>
