<script setup lang="ts">
import Button from 'primevue/button';
import InputNumber from 'primevue/inputnumber';
import InputText from 'primevue/inputtext';
import Select from 'primevue/select';
import { computed, nextTick, reactive } from 'vue';
import { api, type LibraryEntry } from '../../api/client';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import LengthField from '../../ui/LengthField.vue';
import { useRefusals } from '../../ui/refusals';
import { kinds } from './library';
import { say } from '../../measure/say';

/** A bought thing or a thing to store, as its maker or the tape gives it. */
const emit = defineEmits<{ kept: [] }>();
const project = useProject();
const guarded = useRefusals();
type Draft = { -readonly [K in keyof LibraryEntry]?: LibraryEntry[K] };
const draft = reactive<Draft>({ name: '', kind: 'appliance', width: null, depth: null, height: null, rating: null, clearance: null, kg: 0, watts: 0, count: 1, fixes_to: 'nothing', often: 'weekly', note: '' }); // prettier-ignore
const isStored = computed(() => draft.kind === null);
const what = [
    { value: 'stored', label: say('Something to store') },
    ...kinds.map((value) => ({ value: value as string, label: word(`library.${value}`) })),
];
const faces = ['nothing', 'face', 'side', 'top', 'floor'].map((value) => ({ value, label: word(`fixes_to.${value}`) }));
const oftens = (['daily', 'weekly', 'seldom'] as const).map((value) => ({ value, label: value }));
const lengths = computed(() =>
    isStored.value ? (['width', 'depth', 'height'] as const) : (['width', 'depth', 'height', 'clearance'] as const),
);
const titles = { width: say('wide'), depth: say('deep'), height: say('high'), clearance: say('kept clear') };
const numbers = computed(() =>
    isStored.value
        ? ([{ key: 'kg', title: say('kg each'), most: 500 }, { key: 'count', title: say('how many'), most: 500 }] as const)
        : ([{ key: 'kg', title: say('weighs, kg'), most: 500 }, { key: 'rating', title: draft.kind === 'strut' ? say('pushes, N') : say('rated, kg'), most: 5000 }, { key: 'watts', title: say('draws, W'), most: 9000 }] as const),
); // prettier-ignore

async function measured(key: keyof typeof titles, mm: number): Promise<void> {
    draft[key] = mm;
    await nextTick();
}

async function keep(): Promise<void> {
    if (await guarded(api.addToLibrary(project.line!.id, { ...draft, name: draft.name!.trim() }))) emit('kept');
}
</script>

<template>
    <form @submit.prevent="keep">
        <label class="wide">name <InputText v-model="draft.name" size="small" maxlength="120" autofocus /></label>
        <label>
            what it is
            <Select
                :model-value="draft.kind ?? 'stored'"
                :options="what"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="what it is"
                @update:model-value="(v: string) => (draft.kind = v === 'stored' ? null : v)"
            />
        </label>
        <label v-for="l in lengths" :key="l">
            {{ titles[l] }}
            <LengthField :model-value="draft[l] ?? null" :unit="project.documentUnit" :label="titles[l]" :keep="(mm) => measured(l, mm)" />
        </label>
        <label v-for="n in numbers" :key="n.key">
            {{ n.title }}
            <InputNumber
                v-model="draft[n.key]"
                :min="n.key === 'rating' ? 1 : 0"
                :max="n.most"
                :max-fraction-digits="n.key === 'kg' ? 2 : 0"
                size="small"
            />
        </label>
        <label v-if="isStored">
            fetched
            <Select
                v-model="draft.often"
                :options="oftens"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="how often it is fetched"
            />
        </label>
        <label v-else>
            fixed by
            <Select
                v-model="draft.fixes_to"
                :options="faces"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="fixed by"
            />
        </label>
        <label v-if="isStored" class="check"><input v-model="draft.hazard" type="checkbox" /> out of a child’s reach</label>
        <label class="wide">note <InputText v-model="draft.note" size="small" maxlength="300" /></label>
        <Button type="submit" label="Keep it" size="small" :disabled="!draft.name?.trim()" />
    </form>
</template>

<style scoped>
form {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 8px 12px;
    align-items: end;
    padding: 10px;
    margin-bottom: 10px;
    background: var(--sheet-fill);
    font-size: 12.5px;
}
label {
    display: grid;
    gap: 2px;
}
.wide {
    grid-column: span 2;
}
.check {
    display: flex;
    gap: 6px;
}
form :deep(input:not([type='checkbox'])),
form :deep(.p-select) {
    width: 100%;
    min-width: 0;
}
</style>
