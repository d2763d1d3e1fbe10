<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import CountField from '../../ui/CountField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import type { Setting } from './vocabulary';
import { say } from '../../measure/say';

/** The settings of a fill or a door, each by its type; what is not said stands at its usual value. */
const props = defineProps<{
    of: string;
    fields: Readonly<Record<string, Setting>>;
    values: Readonly<Record<string, unknown>>;
    path: readonly string[];
}>();
const project = useProject();
const guarded = useRefusals();

const rows = computed(() =>
    Object.entries(props.fields).map(([key, field]) => ({
        key,
        field,
        title: word(`setting.${key}`, project.unit),
        value: props.values[key] ?? field.usual,
        said: props.values[key] !== undefined,
    })),
);
const lengthOf = (value: unknown): number | null => (typeof value === 'number' ? value : null);
const set = (key: string, value: unknown): Promise<boolean> => guarded(project.set([...props.path, key], value));
const usual = (field: Setting): string => (field.usual === null ? say('not said') : say('usual'));
const options = (choices: readonly string[] | undefined): { value: string; label: string }[] =>
    (choices ?? []).map((c) => ({ value: c, label: word(`choice.${c}`, project.unit) }));
</script>

<template>
    <template v-for="{ key, field, title, value, said } in rows" :key="key">
        <LengthRow
            v-if="field.type === 'length'"
            :title="title"
            :label="`${title} of ${of}`"
            :value="lengthOf(value)"
            :path="[...path, key]"
            :placeholder="usual(field)"
        >
            <button v-if="said" class="linkish" :aria-label="`${title} of ${of}: usual`" @click="set(key, null)">usual</button>
        </LengthRow>
        <div v-else class="ch">
            <span>{{ title }}</span>
            <CountField
                v-if="field.type === 'count' && (field.most ?? 0) > 24"
                :label="`${title} of ${of}`"
                :value="value as number"
                :least="field.least ?? 0"
                :most="field.most ?? 0"
                @keep="(v) => set(key, v)"
            />
            <Stepper
                v-else-if="field.type === 'count'"
                :label="`${title} of ${of}`"
                :value="value as number"
                :least="field.least ?? 0"
                :most="field.most ?? 99"
                @less="set(key, (value as number) - 1)"
                @more="set(key, (value as number) + 1)"
            />
            <Choice
                v-else-if="field.type === 'flag'"
                :label="`${title} of ${of}`"
                :value="value as boolean"
                :options="[
                    { value: true, label: 'Yes' },
                    { value: false, label: 'No' },
                ]"
                @choose="(v) => set(key, v)"
            />
            <Select
                v-else-if="(field.choices?.length ?? 0) > 4"
                :model-value="value"
                :options="options(field.choices)"
                option-label="label"
                option-value="value"
                size="small"
                :aria-label="`${title} of ${of}`"
                @update:model-value="(v: string) => set(key, v)"
            />
            <Choice
                v-else
                :label="`${title} of ${of}`"
                :value="value as string"
                :options="options(field.choices)"
                @choose="(v) => set(key, v)"
            />
        </div>
    </template>
</template>
