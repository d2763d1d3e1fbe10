<script setup lang="ts">
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { computed, ref, watch } from 'vue';
import type { Text } from '../measure/words';
import { useProject } from '../project/store';
import { useRefusals } from './refusals';
import { say } from '../measure/say';

/** What two people changed at once, thing by thing; what only one of them changed stands as it is. */
const project = useProject();
const guarded = useRefusals();
const mine = ref<boolean[]>([]);
watch(
    () => project.conflict?.id,
    () => (mine.value = (project.conflict?.rows ?? []).map((r) => !r.both)),
    { immediate: true },
);
const rows = computed(() => project.conflict?.rows ?? []);
const asked = computed(() => rows.value.some((r) => r.both));
const shown = (text: Text | null): string => (text === null ? say('not there') : project.say(text));
const settle = (stands: (index: number) => boolean): Promise<boolean> => guarded(project.settle(stands));
</script>

<template>
    <Dialog
        :visible="project.conflict !== null"
        modal
        header="Two versions"
        :closable="false"
        :style="{ width: '640px', maxWidth: '96vw' }"
    >
        <p>{{ project.conflict?.message }}</p>
        <table v-if="rows.length">
            <thead>
                <tr>
                    <th>What</th>
                    <th>Yours</th>
                    <th>Theirs</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(r, i) in rows" :key="i">
                    <td>{{ project.say(r.what) }}</td>
                    <template v-if="r.both">
                        <td>
                            <label><input v-model="mine[i]" type="radio" :name="`row-${i}`" :value="true" />{{ shown(r.mine) }}</label>
                        </td>
                        <td>
                            <label><input v-model="mine[i]" type="radio" :name="`row-${i}`" :value="false" />{{ shown(r.theirs) }}</label>
                        </td>
                    </template>
                    <td v-else colspan="2">{{ shown(r.mine) }} <span class="soft">only you changed this: it is kept</span></td>
                </tr>
            </tbody>
        </table>
        <template #footer>
            <Button label="All theirs" severity="secondary" @click="settle(() => false)" />
            <Button label="All mine" severity="secondary" @click="settle(() => true)" />
            <Button v-if="asked" label="As chosen" @click="settle((i) => mine[i] ?? false)" />
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
    padding: 6px 10px 6px 0;
    vertical-align: top;
    overflow-wrap: anywhere;
    border-top: 1px solid var(--rule);
}
label {
    display: flex;
    gap: 6px;
    align-items: baseline;
    cursor: pointer;
}
</style>
