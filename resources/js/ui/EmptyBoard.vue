<script setup lang="ts">
/** A board with nothing to draw yet says what to do first. */
defineProps<{ says: string }>();
</script>

<template>
    <main class="board empty">
        <p>{{ says }}</p>
    </main>
</template>

<style scoped>
.empty {
    display: grid;
    place-items: center;
    color: var(--soft);
}
</style>
