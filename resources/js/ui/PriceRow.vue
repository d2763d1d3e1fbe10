<script setup lang="ts">
import InputNumber from 'primevue/inputnumber';
import { useProject } from '../project/store';
import { useRefusals } from './refusals';

/** A labelled price of the document, kept in cents under its path. */
defineProps<{ title: string; label: string; cents: number | undefined; path: readonly string[] }>();
const project = useProject();
const guarded = useRefusals();
</script>

<template>
    <div class="ch">
        <span>{{ title }}</span>
        <InputNumber
            :model-value="(cents ?? 0) / 100"
            :min="0"
            :max="99999"
            :min-fraction-digits="2"
            :max-fraction-digits="2"
            size="small"
            :aria-label="label"
            @update:model-value="(v: number | null) => guarded(project.set(path, Math.round((v ?? 0) * 100)))"
        />
    </div>
</template>

<style scoped>
.ch :deep(.p-inputnumber-input) {
    width: 104px;
}
</style>
