<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref, watch } from 'vue';
import { api, type Compared, type ComesTo, type RevisionLine } from '../../api/client';
import { money } from '../../measure/amount';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { by } from './told';
import { say } from '../../measure/say';

/** One revision: its name, what it came to against the other, and bringing it back. */
const props = defineProps<{ line: RevisionLine; compared: Compared | null }>();
const emit = defineEmits<{ named: [] }>();
const project = useProject();
const guarded = useRefusals();
const name = ref('');
watch(
    () => props.line,
    (l) => (name.value = l.name ?? ''),
    { immediate: true },
);
const isNow = computed(() => props.line.number === project.revision);
const may = computed(() => project.line?.may_change ?? false);
const cash = (cents: number): string => money(cents, project.plan!.buy.currency);
const hours = (minutes: number): string => `${(minutes / 60).toFixed(1)} h`;
const plain = (n: number): string => `${n}`;
const totals: readonly { key: keyof ComesTo; what: string; shown: (n: number) => string }[] = [
    { key: 'parts', what: say('Parts'), shown: plain },
    { key: 'sheets', what: say('Sheets'), shown: plain },
    { key: 'cents', what: say('To buy'), shown: cash },
    { key: 'minutes', what: say('Work left'), shown: hours },
    { key: 'findings', what: say('Open findings'), shown: plain },
];

async function keep(): Promise<void> {
    await guarded(api.nameRevision(project.line!.id, props.line.number, name.value));
    emit('named');
}

async function bringBack(): Promise<void> {
    const { ops } = await api.backTo(project.line!.id, props.line.number);
    if (ops.length > 0) await project.change(...ops);
}
</script>

<template>
    <section class="tape-paper" aria-label="revision">
        <div class="what">Revision</div>
        <div class="big">{{ line.number }}</div>
        <table v-if="compared" aria-label="what it comes to">
            <thead>
                <tr>
                    <th></th>
                    <th>Was</th>
                    <th>Is</th>
                    <th></th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="t in totals" :key="t.key">
                    <th>{{ t.what }}</th>
                    <td>{{ t.shown(compared.before[t.key]) }}</td>
                    <td>{{ t.shown(compared.after[t.key]) }}</td>
                    <td class="soft">{{ by(compared.after[t.key], compared.before[t.key], t.shown) }}</td>
                </tr>
            </tbody>
        </table>
        <template v-if="may">
            <Button v-if="!isNow" label="Bring it back" size="small" @click="guarded(bringBack())" />
            <p v-else class="soft">This is how it stands now.</p>
        </template>
    </section>
    <form v-if="may && line.number > 1" aria-label="name of the revision" @submit.prevent="keep">
        <label for="revision-name">Its name</label>
        <div class="add-row">
            <InputText id="revision-name" v-model="name" size="small" maxlength="80" placeholder="As drawn for the carpenter" />
            <Button type="submit" label="Keep" size="small" severity="secondary" />
        </div>
    </form>
</template>

<style scoped>
table {
    width: 100%;
    font-size: 12.5px;
    border-collapse: collapse;
    margin: 8px 0 12px;
}
th {
    text-align: left;
    font-weight: 400;
    padding: 2px 0;
}
td,
thead th {
    text-align: right;
    padding: 2px 0 2px 6px;
}
p {
    margin: 4px 0;
}
label {
    font-size: 12.5px;
    color: var(--soft);
}
</style>
