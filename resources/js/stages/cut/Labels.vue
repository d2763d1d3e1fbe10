<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import Select from 'primevue/select';
import { computed, reactive, ref, watch } from 'vue';
import { useProject } from '../../project/store';
import { useTaking } from '../../ui/taking';
import { say } from '../../measure/say';

/** Stickers for the parts: how they lie on a page is told once, then they are printed. */
const project = useProject();

type Sheet = {
    paper: string;
    columns: number;
    rows: number;
    width: number;
    height: number;
    left: number;
    top: number;
    gap_x: number;
    gap_y: number;
};
const layout = (paper: string, stickers: string, size: string): string => say('{0}, {1} of {2}', paper, stickers, size);
const known: { name: string; sheet: Sheet }[] = [
    { name: layout('A4', '3 × 8', '70 × 37'), sheet: { paper: 'a4', columns: 3, rows: 8, width: 70, height: 37, left: 0, top: 0.5, gap_x: 0, gap_y: 0 } },
    { name: layout('A4', '3 × 7', '63.5 × 38.1'), sheet: { paper: 'a4', columns: 3, rows: 7, width: 63.5, height: 38.1, left: 7.2, top: 15.1, gap_x: 2.5, gap_y: 0 } },
    { name: layout('A4', '2 × 7', '99.1 × 38.1'), sheet: { paper: 'a4', columns: 2, rows: 7, width: 99.1, height: 38.1, left: 4.7, top: 15.1, gap_x: 2.5, gap_y: 0 } },
    { name: layout('A4', '2 × 4', '99.1 × 67.7'), sheet: { paper: 'a4', columns: 2, rows: 4, width: 99.1, height: 67.7, left: 4.7, top: 13, gap_x: 2.5, gap_y: 0 } },
    { name: layout('Letter', '3 × 10', '66.7 × 25.4'), sheet: { paper: 'letter', columns: 3, rows: 10, width: 66.7, height: 25.4, left: 4.8, top: 12.7, gap_x: 3.2, gap_y: 0 } },
    { name: layout('Letter', '2 × 5', '101.6 × 50.8'), sheet: { paper: 'letter', columns: 2, rows: 5, width: 101.6, height: 50.8, left: 4, top: 12.7, gap_x: 4.8, gap_y: 0 } },
]; // prettier-ignore
const chosen = ref(known[project.unit === 'mm' ? 0 : 4]!.name);
const own = say('Other: give columns, rows and size');
const sheet = reactive<Sheet>({ ...known[0]!.sheet });
watch(
    chosen,
    (name) => {
        const found = known.find((k) => k.name === name);
        if (found) Object.assign(sheet, found.sheet);
    },
    { immediate: true },
);
const from = ref('1');
const fields: [Exclude<keyof Sheet, 'paper'>, string][] = [['columns', say('Columns')], ['rows', say('Rows')], ['width', say('Width, mm')], ['height', say('Height, mm')], ['left', say('Left margin, mm')], ['top', say('Top margin, mm')], ['gap_x', say('Gap across, mm')], ['gap_y', say('Gap down, mm')]]; // prettier-ignore
const query = computed(
    () => new URLSearchParams({ ...Object.fromEntries(Object.entries(sheet).map(([k, v]) => [k, String(v)])), from: from.value }),
);

const taking = useTaking();
const print = (): void => void taking.take(`/api/projects/${project.line!.id}/labels.pdf?${query.value}`, say('Labels'));
</script>

<template>
    <section class="bears">
        <h4>Labels</h4>
        <Select v-model="chosen" :options="[...known.map((k) => k.name), own]" size="small" aria-label="label page" fluid />
        <template v-if="chosen === own">
            <div v-for="[key, title] in fields" :key="key" class="ch">
                <span>{{ title }}</span>
                <InputText
                    :model-value="String(sheet[key])"
                    size="small"
                    inputmode="decimal"
                    :aria-label="title"
                    @change="(e: Event) => (sheet[key] = Number((e.target as HTMLInputElement).value.replace(',', '.')) || 0)"
                />
            </div>
        </template>
        <div class="ch">
            <span>First free sticker</span>
            <InputText v-model="from" size="small" inputmode="numeric" aria-label="first free sticker" />
        </div>
        <Button label="Labels to print" size="small" severity="secondary" @click="print" />
    </section>
</template>

<style scoped>
.ch :deep(.p-inputtext) {
    width: 104px;
}
</style>
