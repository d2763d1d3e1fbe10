<script setup lang="ts">
import { useProject } from '../project/store';
import LengthField from './LengthField.vue';

/** A labelled length of the document, kept under its path. */
const props = defineProps<{
    title: string;
    label?: string;
    value: number | null | undefined;
    path: readonly string[];
    placeholder?: string;
    /** Keeps it in some other way than under its path. */
    keepAs?: (mm: number) => Promise<unknown>;
}>();
const project = useProject();
const keep = (mm: number): Promise<unknown> => (props.keepAs ? props.keepAs(mm) : project.set(props.path, mm));
</script>

<template>
    <div class="ch">
        <span>{{ title }}</span>
        <span class="with">
            <LengthField
                :model-value="value ?? null"
                :unit="project.documentUnit"
                :label="label ?? title"
                :placeholder="placeholder"
                :keep="keep"
            />
            <slot />
        </span>
    </div>
</template>

<style scoped>
.with {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px;
}
</style>
