<script setup lang="ts">
import { computed, ref } from 'vue';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import BuyLine from './BuyLine.vue';
import BuyList from './BuyList.vue';
import BuyMoney from './BuyMoney.vue';
import FinishForm from './FinishForm.vue';

/** From the shop to the last coat. */
const project = useProject();
const picked = usePicked();
const tab = ref<'buy'>('buy');
const tabs = [{ key: 'buy', label: 'Buy' }] as const;
const line = computed(() => project.plan?.buy.lines.find((l) => l.key === picked.value) ?? null);
const hasParts = computed(() => (project.plan?.parts.length ?? 0) > 0);
</script>

<template>
    <main class="board make">
        <template v-if="hasParts">
            <div class="tabs" role="tablist" aria-label="making">
                <button
                    v-for="t in tabs"
                    :key="t.key"
                    role="tab"
                    :aria-selected="t.key === tab"
                    :class="{ on: t.key === tab }"
                    @click="tab = t.key"
                >
                    {{ t.label }}
                </button>
            </div>
            <BuyList v-if="tab === 'buy'" />
        </template>
        <p v-else class="soft nothing">Nothing to make yet: the piece has no parts. Site, Piece and Fit say why in the line below.</p>
    </main>
    <aside class="tally" aria-label="tally">
        <template v-if="hasParts">
            <BuyLine v-if="line" :line="line" />
            <BuyMoney v-if="!line" />
            <button v-else class="linkish" @click="picked = null">What it all comes to</button>
            <FinishForm />
        </template>
    </aside>
</template>

<style scoped>
.make {
    display: flex;
    flex-direction: column;
}
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
.nothing {
    margin: auto;
}
</style>
