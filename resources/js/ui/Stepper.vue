<script setup lang="ts">
defineProps<{ value: number; least: number; most: number; label: string }>();
const emit = defineEmits<{ less: []; more: [] }>();
</script>

<template>
    <span class="stepper" role="group" :aria-label="label">
        <button type="button" :disabled="value <= least" :aria-label="`${label}: one less`" @click="emit('less')">−</button>
        <output>{{ value }}</output>
        <button type="button" :disabled="value >= most" :aria-label="`${label}: one more`" @click="emit('more')">+</button>
    </span>
</template>
