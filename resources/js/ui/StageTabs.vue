<script setup lang="ts" generic="T extends string | number">
/** The tabs over a board; what goes elsewhere stands at their right. A tab that is `wide` has room on a wide screen only. */
defineProps<{ label: string; tabs: { key: T; label: string; nth?: number; of?: number; wide?: boolean }[]; tab: T }>();
const emit = defineEmits<{ tab: [key: T] }>();
</script>

<template>
    <div class="tabs" role="tablist" :aria-label="label">
        <button
            v-for="t in tabs"
            :key="t.key"
            role="tab"
            :aria-selected="t.key === tab"
            :class="{ on: t.key === tab, wide: t.wide }"
            @click="emit('tab', t.key)"
        >
            {{ t.label }}
            <template v-if="t.nth"
                ><b>{{ t.nth }}</b
                >/{{ t.of }}</template
            >
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
    flex-wrap: wrap;
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
@media (max-width: 1100px) {
    .tabs .wide {
        display: none;
    }
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
