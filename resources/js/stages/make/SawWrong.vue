<script setup lang="ts">
import { ref } from 'vue';

/** Which part came out wrong, and why: it is spoiled, and cut anew from another sheet. */
defineProps<{ parts: { id: string; label: string }[] }>();
const emit = defineEmits<{ wrong: [part: string, cause: string]; close: [] }>();
const cause = ref('');
</script>

<template>
    <div class="ask" role="dialog" aria-label="cut wrong">
        <h2>Which part came out wrong?</h2>
        <input v-model="cause" class="why" maxlength="300" aria-label="what went wrong" placeholder="What went wrong, if you like" />
        <div class="which">
            <button v-for="p in parts" :key="p.id" class="act wrong" @click="emit('wrong', p.id, cause.trim())">{{ p.label }}</button>
        </div>
        <button class="act" @click="emit('close')">None of them</button>
    </div>
</template>

<style scoped>
.ask {
    position: absolute;
    inset: auto 0 0 0;
    padding: 20px;
    background: var(--sheet);
    border-top: 3px solid var(--brick);
    z-index: 5;
    display: grid;
    gap: 12px;
}
.why {
    font: inherit;
    font-size: 18px;
    padding: 10px 12px;
    border: 1px solid var(--rule);
    background: var(--paper);
    color: var(--ink);
}
.which {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    max-height: 45vh;
    overflow-y: auto;
}
</style>
