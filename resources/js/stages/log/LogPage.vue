<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { api, type Replan } from '../../api/client';
import { money } from '../../measure/amount';
import { useProject } from '../../project/store';
import FindingsOf from '../../ui/FindingsOf.vue';
import { usePicked } from '../../ui/picked';
import StageTabs from '../../ui/StageTabs.vue';
import TrialCard from '../../ui/TrialCard.vue';
import ChecksView from './ChecksView.vue';
import HandoverTally from './HandoverTally.vue';
import HandoverView from './HandoverView.vue';
import PartRecord from './PartRecord.vue';
import PartsProgress from './PartsProgress.vue';
import RecordList from './RecordList.vue';
import ReplanTally from './ReplanTally.vue';
import ReplanView from './ReplanView.vue';
import WriteDown from './WriteDown.vue';
import { hoursOf } from './record';
import { type Instead, insteadWith } from './replan';
import { say } from '../../measure/say';

/** What has happened: how far every part is, and everything that was written down. */
const project = useProject();
const picked = usePicked();
type View = 'parts' | 'change' | 'checks' | 'record' | 'handover';
const view = ref<View>('parts');
const off = computed(() => project.plan?.trials.filter((t) => t.cures.length).length ?? 0);
const chosen = ref<string | null>(null);
const trial = computed(() => project.plan?.trials.find((t) => t.id === (chosen.value ?? picked.value)) ?? project.plan?.trials[0] ?? null);
const open = computed(() => project.plan?.rework.open ?? 0);
const views = computed<{ key: View; label: string }[]>(() => [
    { key: 'parts', label: say('Parts') },
    { key: 'change', label: open.value ? say('Change, {0} to decide', open.value) : say('Change') },
    { key: 'checks', label: off.value ? say('Checks, {0} off', off.value) : say('Checks') },
    { key: 'record', label: say('What happened') },
    { key: 'handover', label: say('Handing over') },
]);
/** A finding about a check opens it; one about a piece that waits for a decision, the change. */
watch(
    picked,
    (ref) => {
        if (project.plan?.trials.some((t) => t.id === ref)) [view.value, chosen.value] = ['checks', ref];
        else if (project.plan?.rework.pieces.some((p) => p.open && (p.serves ?? p.part) === ref)) view.value = 'change';
    },
    { immediate: true },
);
const replan = shallowRef<Replan | null>(null);
const trouble = ref('');
const instead = ref<Instead>({});
watch(
    () => project.revision,
    () => (instead.value = {}),
);
/** What is proposed follows the plan, and what the person would have instead; a late answer to an earlier question is dropped. */
let asked = 0;
watch(
    [view, () => project.plan, instead],
    async () => {
        if (view.value !== 'change' || !project.line) return;
        const mine = ++asked;
        try {
            const answer = await api.replan(project.line.id, instead.value);
            if (mine === asked) [replan.value, trouble.value] = [answer, ''];
        } catch (error) {
            if (mine === asked) [replan.value, trouble.value] = [null, error instanceof Error ? error.message : String(error)];
        }
    },
    { immediate: true },
);
const part = computed(() => project.plan?.parts.find((p) => p.id === picked.value) ?? null);
const hours = computed(() => hoursOf(project.document!, project.plan!));
const h = (minutes: number): string => `${(minutes / 60).toFixed(1)} h`;
const buy = computed(() => project.plan!.buy);
const done = computed(() => project.plan!.steps.filter((s) => s.done).length);
</script>

<template>
    <main class="board log">
        <template v-if="project.plan?.parts.length">
            <StageTabs label="the log" :tabs="views" :tab="view" @tab="(v) => (view = v)" />
            <PartsProgress v-if="view === 'parts'" />
            <ReplanView
                v-else-if="view === 'change'"
                :replan="replan"
                :trouble="trouble"
                @instead="(row, becomes) => (instead = insteadWith(instead, row, becomes))"
            />
            <ChecksView v-else-if="view === 'checks'" :trial="trial?.id ?? null" @trial="(id) => (chosen = id)" />
            <RecordList v-else-if="view === 'record'" />
            <HandoverView v-else />
        </template>
        <p v-else class="soft nothing">Nothing to record yet: the piece has no parts.</p>
    </main>
    <aside class="tally" aria-label="tally">
        <template v-if="project.plan?.parts.length">
            <TrialCard v-if="view === 'checks' && trial" :trial="trial" :send="project.change" />
            <HandoverTally v-else-if="view === 'handover'" />
            <ReplanTally v-else-if="view === 'change' && replan?.ops.length" :replan="replan" />
            <template v-else-if="part && view !== 'record'">
                <PartRecord :part="part" />
                <FindingsOf :refs="[part.id]" />
                <button class="linkish" @click="picked = null">Hours and money</button>
            </template>
            <WriteDown v-else-if="view === 'record'" />
            <section v-else class="tape-paper" aria-label="hours and money">
                <div class="what">Hours</div>
                <div class="big">{{ h(hours.worked) }}</div>
                <p v-if="hours.planned">planned for the same steps: {{ h(hours.planned) }}</p>
                <p v-if="hours.untimed" class="soft">and {{ h(hours.untimed) }} of steps done without being timed</p>
                <p>{{ done }} of {{ project.plan!.steps.length }} steps done, {{ h(project.plan!.schedule.minutes) }} left</p>
                <div class="what money">Money</div>
                <div class="big">{{ money(buy.spent_cents, buy.currency) }}</div>
                <p>
                    of {{ money(buy.total_cents, buy.currency) }} expected{{
                        buy.budget_cents === null ? '' : `, budget ${money(buy.budget_cents, buy.currency)}`
                    }}
                </p>
            </section>
        </template>
    </aside>
</template>

<style scoped>
.log {
    display: flex;
    flex-direction: column;
}
.nothing {
    margin: auto;
}
.money {
    margin-top: 16px;
}
p {
    margin: 4px 0;
    font-size: 13px;
}
</style>
