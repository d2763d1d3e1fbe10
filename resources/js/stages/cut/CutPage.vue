<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useProject } from '../../project/store';
import TallyPicked from '../../ui/TallyPicked.vue';
import BetterLayout from './BetterLayout.vue';
import PartsTable from './PartsTable.vue';
import SawAndSheets from './SawAndSheets.vue';
import SheetTotals from './SheetTotals.vue';
import SheetView from './SheetView.vue';

const project = useProject();
const sheets = computed(() =>
    (project.plan?.cut ?? []).flatMap((material) => material.sheets.map((sheet, i) => ({ material, sheet, number: i + 1 }))),
);
const at = ref(0);
watch(sheets, (all) => (at.value = Math.min(at.value, Math.max(0, all.length - 1))));
const shown = computed(() => sheets.value[at.value]);
</script>

<template>
    <main class="board cut">
        <template v-if="shown">
            <div class="tabs" role="tablist" aria-label="sheets">
                <button v-for="(s, i) in sheets" :key="i" role="tab" :aria-selected="i === at" :class="{ on: i === at }" @click="at = i">
                    {{ s.material.name }} <b>{{ s.number }}</b>/{{ s.material.sheets.length }}
                </button>
            </div>
            <SheetView :material="shown.material" :sheet="shown.sheet" />
            <PartsTable />
        </template>
        <p v-else class="soft nothing">Nothing to cut yet: the piece has no parts. Site, Piece and Fit say why in the line below.</p>
    </main>
    <aside class="tally" aria-label="tally">
        <TallyPicked :fallback="null" />
        <BetterLayout v-if="sheets.length" />
        <SheetTotals />
        <SawAndSheets />
    </aside>
</template>

<style scoped>
.cut {
    display: flex;
    flex-direction: column;
    overflow: hidden;
}
.tabs {
    display: flex;
    gap: 4px;
    padding: 8px 16px 0;
    flex: none;
    flex-wrap: wrap;
}
.tabs button {
    border: 1px solid var(--rule);
    border-bottom: 0;
    background: var(--paper);
    color: var(--chalk);
    padding: 4px 12px;
    cursor: pointer;
    border-radius: 3px 3px 0 0;
    font-size: 13px;
}
.tabs .on {
    color: var(--ink);
    background: var(--sheet-fill);
    font-weight: 650;
}
.nothing {
    margin: auto;
}
</style>
