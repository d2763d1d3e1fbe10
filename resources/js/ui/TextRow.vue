<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { useProject } from '../project/store';
import { useRefusals } from './refusals';

/** A labelled text of the document, kept under its path. Left empty it is taken away, or stays as it was where it is needed. */
const props = defineProps<{
    title: string;
    label: string;
    value: string | undefined | null;
    path: readonly string[];
    placeholder?: string;
    longest?: number;
    type?: 'text' | 'date' | 'time';
    needed?: boolean;
}>();
const project = useProject();
const guarded = useRefusals();

function keep(e: Event): void {
    const text = (e.target as HTMLInputElement).value.trim();
    if (text !== '' || !props.needed) void guarded(project.set(props.path, text || null));
}
</script>

<template>
    <div class="ch">
        <span>{{ title }}</span>
        <InputText
            :model-value="value ?? ''"
            :aria-label="label"
            :type="type ?? 'text'"
            :placeholder="placeholder"
            size="small"
            :maxlength="longest ?? 120"
            @change="keep"
        />
    </div>
</template>
