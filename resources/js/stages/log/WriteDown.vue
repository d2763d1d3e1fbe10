<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { readLength } from '../../measure/read';
import { happened } from '../../project/facts';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import { usePicked } from '../../ui/picked';
import PhotoWithMark from './PhotoWithMark.vue';
import { aboutWhat, type Writing, writings } from './record';

/** Writing something down: a note, a decision and why, a mistake and its cause, where something hidden lies, what was on a tin, a photo. */
const project = useProject();
const picked = usePicked();
const kind = ref<Writing>('remark');
const abouts = computed(() => aboutWhat(project.document!, project.plan!, picked.value));
const chosen = ref('');
const about = computed({
    get: () => (abouts.value.some((a) => a.id === chosen.value) ? chosen.value : (abouts.value[0]?.id ?? '')),
    set: (id: string) => (chosen.value = id),
});
const typed = ref<Record<string, string>>({});
const refusal = ref('');
const fields = computed(() => writings[kind.value].fields);
async function keep(): Promise<void> {
    try {
        const said = Object.fromEntries(Object.entries(typed.value).map(([k, v]) => [k, v.trim()]));
        const fact = writings[kind.value].fact(said, about.value, (text) => readLength(text, project.documentUnit).mm);
        await project.change(happened(fact));
        typed.value = {};
        refusal.value = '';
    } catch (error) {
        refusal.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <section class="bears" aria-label="write down">
        <h4>Write down</h4>
        <Choice
            label="what to write down"
            :value="kind"
            :options="Object.entries(writings).map(([value, w]) => ({ value: value as Writing, label: w.label, hint: w.hint }))"
            @choose="(k) => ((kind = k), (refusal = ''))"
        />
        <label class="ch">
            <span>About</span>
            <select v-model="about" aria-label="what it is about">
                <option v-for="a in abouts" :key="a.id" :value="a.id">{{ a.name }}</option>
            </select>
        </label>
        <PhotoWithMark v-if="kind === 'picture'" :about="about" />
        <form v-else @submit.prevent="keep">
            <label v-for="f in fields" :key="f.key" class="ch">
                <span>{{ f.title }}</span>
                <InputText v-model="typed[f.key]" size="small" :aria-label="f.label" :placeholder="f.placeholder ?? ''" maxlength="300" />
            </label>
            <Button type="submit" label="Write down" size="small" severity="secondary" />
        </form>
        <p v-if="refusal" role="alert" class="bad">{{ refusal }}</p>
    </section>
</template>

<style scoped>
.ch {
    margin-top: 6px;
}
.bad {
    color: var(--brick);
}
form > button {
    margin-top: 8px;
}
</style>
