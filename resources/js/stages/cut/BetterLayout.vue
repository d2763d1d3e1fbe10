<script setup lang="ts">
import Button from 'primevue/button';
import ProgressBar from 'primevue/progressbar';
import { computed } from 'vue';
import type { MaterialPlan } from '../../api/plan';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import OneSheetMore from './OneSheetMore.vue';
import { useLayoutSearch } from './search';
import { say } from '../../measure/say';

const project = useProject();
const guarded = useRefusals();
const { search, running, better, begin, callOff, accept } = useLayoutSearch();

const material = (id: string): MaterialPlan | undefined => project.plan?.cut.find((c) => c.material === id);
/** Only as long as the project is as it was looked at. */
const trades = computed(() => (!running.value && search.value?.revision === project.revision ? search.value.trades : {}));
const outcome = computed(() => {
    const now = search.value;
    if (!now || running.value) return '';
    if (now.status === 'failed') return say('The search failed; the layout stands as it was.');
    if (now.revision !== project.revision) return say('The project changed meanwhile; look again.');
    if (better.value.length === 0)
        return now.status === 'cancelled' ? say('Called off; nothing better had been found.') : say('Nothing better was found.');
    const found = better.value.map((id) => {
        const m = material(id)!;
        const n = now.layouts![id]!.sheets.length;
        return n < m.sheets.length
            ? say('{0}: {1} sheets instead of {2}', m.name, n, m.sheets.length)
            : say('{0}: the same {1} sheets, with fewer settings of the fence or more left in one piece', m.name, n);
    });
    return found.join('; ') + '.';
});
const accepted = computed(() => (project.plan?.cut ?? []).filter((m) => m.accepted).map((m) => m.material));
</script>

<template>
    <section class="bears">
        <h4>Layout</h4>
        <div v-if="running" class="running">
            <ProgressBar :value="search?.percent ?? 0" :aria-label="'search done'" />
            <Button label="Call it off" size="small" severity="secondary" @click="guarded(callOff())" />
        </div>
        <Button v-else label="Look for a better layout" size="small" @click="guarded(begin())" />
        <p v-if="outcome" role="status">{{ outcome }}</p>
        <OneSheetMore v-for="(trade, m) in trades" :key="m" :material="m" :trade="trade" :name="material(m)?.name" />
        <Button v-if="!running && better.length" label="Take this layout" size="small" @click="guarded(accept())" />
        <button
            v-if="accepted.length"
            class="linkish"
            @click="guarded(project.change(...accepted.map((m) => ({ op: 'remove' as const, path: ['layouts', m] }))))"
        >
            Back to the plain layout
        </button>
    </section>
</template>

<style scoped>
.running {
    display: grid;
    gap: 8px;
    justify-items: start;
}
.running :deep(.p-progressbar) {
    width: 100%;
}
p {
    font-size: 13px;
}
</style>
