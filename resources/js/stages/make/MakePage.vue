<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import StageTabs from '../../ui/StageTabs.vue';
import BuyLine from './BuyLine.vue';
import BuyList from './BuyList.vue';
import BuyMoney from './BuyMoney.vue';
import CarryTally from './CarryTally.vue';
import CarryView from './CarryView.vue';
import DaysView from './DaysView.vue';
import FinishForm from './FinishForm.vue';
import HoursForm from './HoursForm.vue';
import Schools from './Schools.vue';
import StepCard from './StepCard.vue';
import StepPicture from './StepPicture.vue';
import StepsList from './StepsList.vue';
import { say } from '../../measure/say';

/** From the shop to the last coat. */
const project = useProject();
const picked = usePicked();
type Tab = 'buy' | 'steps' | 'days' | 'carry';
const tab = ref<Tab>('buy');
const tabs: { key: Tab; label: string }[] = [
    { key: 'buy', label: say('Buy') },
    { key: 'steps', label: say('Steps') },
    { key: 'days', label: say('Days') },
    { key: 'carry', label: say('Carry') },
];
const at = ref(0);
const steps = computed(() => project.plan?.steps ?? []);
watch(steps, (all) => (at.value = Math.max(0, Math.min(at.value, all.length - 1))));
/** A finding about a step, or a part of one, opens it. */
watch(
    picked,
    (ref) => {
        const own = steps.value.findIndex((s) => s.id === ref);
        const place = own >= 0 ? own : steps.value.findIndex((s) => s.places.includes(ref ?? ''));
        if (own >= 0) tab.value = 'steps';
        if (place >= 0) at.value = place;
    },
    { immediate: true },
);
const day = ref<string | null>(null);
function openStep(id: string): void {
    at.value = Math.max(
        0,
        steps.value.findIndex((s) => s.id === id),
    );
    tab.value = 'steps';
}
function arrows(e: KeyboardEvent): void {
    if (tab.value !== 'steps' || e.target instanceof HTMLInputElement) return;
    const by = e.key === 'ArrowDown' ? 1 : e.key === 'ArrowUp' ? -1 : 0;
    if (by === 0) return;
    e.preventDefault();
    at.value = Math.max(0, Math.min(steps.value.length - 1, at.value + by));
}
onMounted(() => window.addEventListener('keydown', arrows));
onBeforeUnmount(() => window.removeEventListener('keydown', arrows));
const line = computed(() => project.plan?.buy.lines.find((l) => l.key === picked.value) ?? null);
const hasParts = computed(() => (project.plan?.parts.length ?? 0) > 0);
</script>

<template>
    <main class="board make">
        <template v-if="hasParts">
            <StageTabs label="making" :tabs="tabs" :tab="tab" @tab="(t) => (tab = t)">
                <RouterLink :to="`/projects/${project.line?.id}/saw`">At the saw</RouterLink>
                <RouterLink v-if="project.plan?.lumber.length" :to="`/projects/${project.line?.id}/sticks`">Lumber, cut by cut</RouterLink>
                <RouterLink :to="`/projects/${project.line?.id}/work`">Step by step</RouterLink>
            </StageTabs>
            <BuyList v-if="tab === 'buy'" />
            <DaysView v-else-if="tab === 'days'" :day="day" @step="openStep" @pick="(d) => (day = d)" />
            <CarryView v-else-if="tab === 'carry'" @step="openStep" />
            <div v-else class="work">
                <StepsList :index="at" @go="(i) => (at = i)" />
                <StepPicture :index="at" />
            </div>
        </template>
        <p v-else class="soft nothing">Nothing to make yet: the piece has no parts. Site, Piece and Fit say why in the line below.</p>
    </main>
    <aside class="tally" aria-label="tally">
        <template v-if="hasParts && tab === 'steps'">
            <StepCard :index="at" @go="(i) => (at = i)" />
            <Schools />
        </template>
        <CarryTally v-else-if="hasParts && tab === 'carry'" />
        <HoursForm v-else-if="hasParts && tab === 'days'" :day="day" />
        <template v-else-if="hasParts">
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
.work {
    display: grid;
    grid-template-columns: minmax(230px, 36%) minmax(0, 1fr);
    min-height: 0;
    flex: 1;
}
.nothing {
    margin: auto;
}
@media (max-width: 900px) {
    .work {
        grid-template-columns: minmax(0, 1fr);
        overflow-y: auto;
    }
}
</style>
