<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { usePicked } from '../../ui/picked';
import { useProject } from '../../project/store';
import StageTabs from '../../ui/StageTabs.vue';
import TallyPicked from '../../ui/TallyPicked.vue';
import BetterLayout from './BetterLayout.vue';
import PartsTable from './PartsTable.vue';
import Rack from './Rack.vue';
import SawAndSheets from './SawAndSheets.vue';
import ShopList from './ShopList.vue';
import SheetTotals from './SheetTotals.vue';
import SheetView from './SheetView.vue';
import AllSheets from './AllSheets.vue';
import BenchView from './BenchView.vue';
import Labels from './Labels.vue';
import LooseBoards from './LooseBoards.vue';
import ByHand from './ByHand.vue';
import HeldUp from './HeldUp.vue';
import LumberView from './LumberView.vue';
import LumberYard from './LumberYard.vue';
import PartAsks from './PartAsks.vue';
import SawOrder from './SawOrder.vue';
import Choice from '../../ui/Choice.vue';
import { say } from '../../measure/say';

const project = useProject();
const sheets = computed(() =>
    (project.plan?.cut ?? []).flatMap((material) => material.sheets.map((sheet, i) => ({ material, sheet, number: i + 1 }))),
);
/** Which sheet; −1 for all of them side by side, −2 for the lumber, −3 for what is done to the boards once they are cut. */
const at = ref(0);
const below = ref<'parts' | 'cuts' | 'shop'>('cuts');
const lit = ref<number | null>(null);
const lumber = computed(() => project.plan?.lumber ?? []);
watch([sheets, lumber], ([all, sticks]) => {
    if (at.value === -3 || (at.value === -2 && sticks.length > 0)) return;
    at.value = at.value === -2 ? 0 : Math.min(at.value, Math.max(0, all.length - 1));
});
watch(at, () => (lit.value = null));

/** A label's code opens its part, on the sheet it is cut from. */
const route = useRoute();
const picked = usePicked();
watch(
    () => [route.query.part, sheets.value.length] as const,
    ([part]) => {
        if (typeof part !== 'string' || sheets.value.length === 0) return;
        picked.value = part;
        at.value = Math.max(
            0,
            sheets.value.findIndex((s) => s.sheet.placements.some((p) => p.part === part)),
        );
    },
    { immediate: true },
);
const tabs = computed(() => [
    ...(sheets.value.length > 1 ? [{ key: -1, label: say('All sheets'), wide: true }] : []),
    ...sheets.value.map((s, i) => ({ key: i, label: s.material.name, nth: s.number, of: s.material.sheets.length })),
    ...(lumber.value.length ? [{ key: -2, label: say('Lumber') }] : []),
    { key: -3, label: say('At the bench') },
]);
const shown = computed(() => sheets.value[Math.max(0, at.value)]);
</script>

<template>
    <main class="board cut">
        <template v-if="shown">
            <StageTabs label="sheets" :tabs="tabs" :tab="at" @tab="(t) => (at = t)" />
            <HeldUp />
            <BenchView v-if="at === -3" />
            <LumberView v-else-if="at === -2" />
            <AllSheets v-else-if="at < 0" :sheets="sheets" @open="(i) => (at = i)" />
            <template v-else>
                <SheetView :material="shown.material" :sheet="shown.sheet" :lit="lit" :number="shown.number" />
                <div class="which">
                    <Choice
                        label="below the sheet"
                        :value="below"
                        :options="[
                            { value: 'cuts', label: 'Order of cuts' },
                            { value: 'shop', label: 'At the shop' },
                            { value: 'parts', label: 'Parts' },
                        ]"
                        @choose="(v) => (below = v)"
                    />
                </div>
                <SawOrder v-if="below === 'cuts'" :sheet="shown.sheet" :lit="lit" @light="(n) => (lit = n)" />
                <ShopList v-else-if="below === 'shop'" :sheet="shown.sheet" />
                <PartsTable v-else />
            </template>
        </template>
        <p v-else class="soft nothing">Nothing to cut yet: the piece has no parts. Site, Piece and Fit say why in the line below.</p>
    </main>
    <aside class="tally" aria-label="tally">
        <TallyPicked :fallback="null" />
        <ByHand />
        <PartAsks />
        <BetterLayout v-if="sheets.length" />
        <SheetTotals />
        <Labels v-if="sheets.length" />
        <Rack v-if="sheets.length" />
        <LumberYard />
        <LooseBoards />
        <SawAndSheets />
    </aside>
</template>

<style scoped>
.cut {
    display: flex;
    flex-direction: column;
    overflow: hidden;
}
.which {
    flex: none;
    padding: 8px 16px 0;
}
.nothing {
    margin: auto;
}
</style>
