<script setup lang="ts">
import { useProject } from '../project/store';
import { useRefusals } from './refusals';

/** A labelled yes or no of the document, kept under its path; unticked it is taken away. */
const props = defineProps<{ title: string; label: string; on: boolean; path: readonly string[] }>();
const project = useProject();
const guarded = useRefusals();
const keep = (e: Event): Promise<boolean> => guarded(project.set(props.path, (e.target as HTMLInputElement).checked || null));
</script>

<template>
    <label class="ch">
        <span>{{ title }}</span>
        <input type="checkbox" :aria-label="label" :checked="on" @change="keep" />
    </label>
</template>

<style scoped>
input {
    justify-self: start;
}
</style>
