<script setup lang="ts">
import { useProject } from '../../project/store';
import LengthRow from '../../ui/LengthRow.vue';

/** How far the person's tape and level may be out; every doubt in the plan follows from these. */
const project = useProject();
const fields = [
    { key: 'tape_base', label: 'Tape ±' },
    { key: 'tape_per_metre', label: '… and a metre' },
    { key: 'tape_bend', label: '… end bent in' },
    { key: 'level_per_metre', label: 'Level, a metre' },
] as const;
</script>

<template>
    <details>
        <summary>Tape and level</summary>
        <LengthRow
            v-for="f in fields"
            :key="f.key"
            :title="f.label"
            :value="project.document!.workshop[f.key]"
            :path="['workshop', f.key]"
        />
    </details>
</template>

<style scoped>
summary {
    cursor: pointer;
    margin: 16px 0 8px;
    font-size: 12.5px;
    font-weight: 600;
    color: var(--soft);
}
</style>
