<script setup lang="ts">
import { useProject } from '../project/store';
import NumberField from './NumberField.vue';
import { useRefusals } from './refusals';

/** A labelled price of the document, kept in cents under its path. */
defineProps<{ title: string; label: string; cents: number | undefined; path: readonly string[] }>();
const project = useProject();
const guarded = useRefusals();
</script>

<template>
    <div class="ch">
        <span>{{ title }}</span>
        <NumberField
            :value="(cents ?? 0) / 100"
            :least="0"
            :most="99999"
            :decimals="2"
            fixed
            :label="label"
            @keep="(v: number | null) => guarded(project.set(path, Math.round((v ?? 0) * 100)))"
        />
    </div>
</template>
