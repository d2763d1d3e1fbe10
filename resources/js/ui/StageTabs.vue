<script setup lang="ts" generic="T extends string">
/** The tabs over a board that is a list; what goes elsewhere stands at their right. */
defineProps<{ label: string; tabs: { key: T; label: string }[]; tab: T }>();
const emit = defineEmits<{ tab: [key: T] }>();
</script>

<template>
    <div class="tabs" role="tablist" :aria-label="label">
        <button
            v-for="t in tabs"
            :key="t.key"
            role="tab"
            :aria-selected="t.key === tab"
            :class="{ on: t.key === tab }"
            @click="emit('tab', t.key)"
        >
            {{ t.label }}
        </button>
        <span class="go"><slot /></span>
    </div>
</template>

<style scoped>
.tabs {
    display: flex;
    gap: 4px;
    padding: 8px 16px 0;
    flex: none;
    border-bottom: 1px solid var(--rule);
}
.tabs button {
    border: 1px solid var(--rule);
    border-bottom: 0;
    background: var(--paper);
    color: var(--chalk);
    padding: 4px 14px;
    cursor: pointer;
    border-radius: 3px 3px 0 0;
    font-size: 13px;
}
.tabs .on {
    color: var(--ink);
    background: var(--sheet);
    font-weight: 650;
}
.go {
    margin-left: auto;
    display: flex;
    gap: 14px;
    align-self: center;
    font-size: 13.5px;
}
.go :slotted(a) {
    color: var(--chalk);
}
</style>
