<script setup lang="ts">
import { marks, type severities } from './severity';

/** The sign of a severity, beside its word. */
defineProps<{ severity: (typeof severities)[number] }>();
</script>

<template>
    <svg width="17" height="17" :class="severity" aria-hidden="true"><path :d="marks[severity]" /></svg>
</template>

<style scoped>
.stop {
    fill: var(--brick);
}
.look {
    fill: var(--ochre);
}
.note {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
}
</style>
