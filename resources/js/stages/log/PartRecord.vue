<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { computed, ref, watch } from 'vue';
import type { Part } from '../../api/plan';
import { readLength } from '../../measure/read';
import { show } from '../../measure/show';
import { render, word } from '../../measure/words';
import { happened } from '../../project/facts';
import { useProject } from '../../project/store';
import Button from 'primevue/button';
import { say } from '../../measure/say';
import { called } from '../../measure/called';

/** One part: how far it is, what it measures, and what is to be said of it. */
const props = defineProps<{ part: Part }>();
const project = useProject();
const name = computed(() => `${props.part.label} · ${render(props.part.name, project.unit)}`);
const typed = ref({ length: '', width: '' });
const text = ref('');
const refusal = ref('');
watch(
    () => props.part.id,
    () => {
        typed.value = { length: '', width: '' };
        text.value = refusal.value = '';
    },
);
async function keep(value: object): Promise<void> {
    try {
        await project.change(happened(value));
        refusal.value = '';
    } catch (error) {
        refusal.value = error instanceof Error ? error.message : String(error);
    }
}
async function measured(): Promise<void> {
    try {
        const sizes = Object.entries(typed.value).filter(([, t]) => t.trim() !== '');
        if (sizes.length === 0) throw new Error(say('Nothing was kept; expected a length or a width.'));
        const read = sizes.map(([k, t]) => [k, readLength(t, project.documentUnit).mm] as const);
        // As it came off the saw it is compared with its cut size, later with its finished one.
        const off = props.part.state === 'cut' && props.part.as_cut?.begun ? { begun: props.part.as_cut.begun } : {};
        await keep({ kind: 'as_built', part: props.part.id, ...off, ...Object.fromEntries(read) });
        if (!refusal.value) typed.value = { length: '', width: '' };
    } catch (error) {
        refusal.value = error instanceof Error ? error.message : String(error);
    }
}
async function note(): Promise<void> {
    if (text.value.trim()) await keep({ kind: 'remark', about: props.part.id, text: text.value.trim() });
    if (!refusal.value) text.value = '';
}
const planned = computed(() => [props.part.finished.length.mm, props.part.finished.width.mm].map((l) => show(l, project.unit)).join(' × '));
const made = computed(() => props.part.as_built);
</script>

<template>
    <section class="tape-paper" :aria-label="name">
        <div class="what">{{ name }}</div>
        <div class="big small">{{ word(`log.state.${part.state}`) }}</div>
        <p>Planned {{ planned }} {{ project.unit }}</p>
        <p v-if="made">
            As made {{ made.length === null ? 'not measured' : show(made.length, project.unit) }} ×
            {{ made.width === null ? 'not measured' : show(made.width, project.unit) }} {{ project.unit }}
        </p>
        <p v-if="part.as_cut" class="soft">
            Cut from its sheet {{ show(part.as_cut.length, project.unit) }} × {{ show(part.as_cut.width, project.unit) }}
        </p>
    </section>
    <section class="bears">
        <h4>It measures</h4>
        <div v-for="(title, axis) in { length: 'Length', width: 'Width' }" :key="axis" class="ch">
            <span>{{ title }}</span>
            <InputText
                v-model="typed[axis]"
                size="small"
                :aria-label="`${part.label}: ${called(axis)} as made`"
                :placeholder="project.documentUnit"
                @keydown.enter="measured"
            />
        </div>
        <Button label="Write down" size="small" severity="secondary" @click="measured" />
        <h4>Note</h4>
        <form class="note" @submit.prevent="note">
            <InputText v-model="text" size="small" maxlength="500" :aria-label="`note on ${part.label}`" />
            <Button type="submit" label="Keep" size="small" severity="secondary" />
        </form>
        <p v-if="refusal" role="alert" class="bad">{{ refusal }}</p>
    </section>
</template>

<style scoped>
.small {
    font-size: 30px;
}
p {
    margin: 4px 0;
    font-size: 13px;
}
.ch :deep(input) {
    width: 120px;
}
.note {
    display: flex;
    gap: 6px;
}
.note :deep(input) {
    flex: 1;
    min-width: 0;
}
.bad {
    color: var(--brick);
}
</style>
