<script setup lang="ts">
/** Choices that are not always wanted, under a line that opens them. */
defineProps<{ title: string; open?: boolean }>();
</script>

<template>
    <details :open="open">
        <summary>{{ title }}</summary>
        <slot />
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
