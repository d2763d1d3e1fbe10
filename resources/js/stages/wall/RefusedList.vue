<script setup lang="ts">
import { computed } from 'vue';
import { useOutbox } from '../../project/outbox';

/** What the server would not have, with its reason; kept until somebody gives it up. */
const props = defineProps<{ project: string }>();
const outbox = useOutbox();
const items = computed(() => outbox.refused.filter((w) => w.project === props.project));
const said = (value: unknown): string =>
    (value as { typed?: string; text?: string } | undefined)?.typed ?? (value as { text?: string } | undefined)?.text ?? 'a photo';
</script>

<template>
    <ul class="refused" :class="{ none: items.length === 0 }" aria-label="not accepted">
        <li v-for="w in items" :key="w.change_id" role="alert">
            <span>“{{ said(w.ops[0]?.value) }}” was not accepted: {{ w.refused }}</span>
            <button @click="outbox.giveUp(w)">Give it up</button>
        </li>
    </ul>
</template>

<style scoped>
.refused {
    list-style: none;
    margin: 0;
    padding: 6px 14px;
    background: var(--sheet);
    font-size: 13px;
    color: var(--brick);
    max-height: 120px;
    overflow: auto;
}
.none {
    padding: 0;
}
li {
    display: flex;
    gap: 10px;
    align-items: center;
    justify-content: space-between;
}
button {
    flex: none;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--paper);
    color: var(--chalk);
    font: inherit;
    padding: 6px 10px;
}
</style>
