<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import type { Step } from '../../api/plan';
import { render } from '../../measure/words';
import { happened, struck } from '../../project/facts';
import { allMade, allSheets, atSaw, boardsCut, isRecorded, sawsNow, trimmed } from './atWork';
import StepAsks from './StepAsks.vue';
import StepPicture from './StepPicture.vue';
import TrialCard from '../../ui/TrialCard.vue';
import WorkActs from './WorkActs.vue';
import { hours } from './steps';
import './work.css';
import { sticksOf } from './sticks';
import { useWorkplace } from './workplace';

/** At the wall, or at the bench: one step at a time, timed by the person's own thumb, with or without a network. */
const route = useRoute();
const at = ref(0);
/** When this step was begun on this device. */
const since = ref(Date.now());
const { project, outbox, id, trouble, mine, facts, kept } = useWorkplace(() => {
    const asked = steps.value.findIndex((s) => s.id === route.query.step);
    at.value = Math.max(0, asked >= 0 ? asked : steps.value.findIndex((s) => !isOver(s)));
});
const steps = computed(() => project.plan?.steps ?? []);
const step = computed(() => steps.value[at.value] ?? null);
/** Steps may come and go with the plan: the one in hand stays in hand. */
watch(steps, (all, before) => {
    const same = all.findIndex((s) => s.id === before[at.value]?.id);
    at.value = same >= 0 ? same : Math.min(at.value, Math.max(0, all.length - 1));
});
/** The fact by which each step is done. */
const doneBy = computed(() => new Map([...facts.value].filter(([, f]) => f.kind === 'done').map(([key, f]) => [f.step!, key])));
/** What is cut off sticks in a step. */
const sticks = (s: Step): { isCut: boolean; made: string[] } =>
    sticksOf(project.plan!, s, facts.value, project.document!.workshop.part_tolerance);
/** A sheet or a stick is done with its last cut, whether or not anybody ticked it off. */
const isOver = (s: Step): boolean => doneBy.value.has(s.id) || (s.sheet !== null && s.done) || sticks(s).isCut;
const before = computed(() =>
    step
        .value!.needs.map((n) => steps.value.findIndex((s) => s.id === n.step))
        .filter((i) => i >= 0 && !isOver(steps.value[i]!))
        .map((i) => i + 1),
);
function go(to: number): void {
    at.value = Math.max(0, Math.min(steps.value.length - 1, to));
    since.value = Date.now();
}
/** The sheet a step cuts, as it lies and how far it is. */
const sheet = computed(() => {
    const asked = step.value?.sheet;
    const own = asked ? allSheets(project.plan!).find((s) => s.material === asked.material && s.number === asked.sheet) : undefined;
    return own ? { ...own, state: atSaw(own.material, own.sheet, facts.value, mine.value) } : null;
});
const isDone = computed(
    () => doneBy.value.has(step.value!.id) || (step.value!.done && sheet.value?.state.next === null) || sticks(step.value!).isCut,
);
const trials = computed(() => project.plan!.trials.filter((t) => t.steps.includes(step.value!.id)));
/** What the step asks to be recorded before it is covered and nobody has: said once, then it is the person's own decision. */
const unasked = computed(() => step.value!.asks.filter((a) => !isRecorded(facts.value, a.about)));
const warned = ref('');
async function done(): Promise<void> {
    const s = step.value!;
    if (unasked.value.length && warned.value !== s.id) {
        warned.value = s.id;
        return;
    }
    const took = Math.round((Date.now() - since.value) / 60_000);
    // Under a minute nobody worked: it was ticked off afterwards, and says nothing of how long it took.
    const timed = took >= 1 ? { minutes: took, planned: s.minutes } : {};
    // A sheet ticked off here is cut as it lies: it is written down like one cut at the saw.
    const cut = sheet.value
        ? allMade(
              sheet.value.material,
              sheet.value.sheet,
              sheet.value.state,
              sawsNow(project.document!, project.plan!, sheet.value.material, sheet.value.sheet),
          )
        : null;
    const name = cut ? `cut:${sheet.value!.material}:${cut.begun}` : s.id;
    const ops = [
        ...(cut?.ops ?? []),
        ...trimmed(project.plan!, s),
        happened({ kind: 'done', step: name, step_kind: s.kind, ...timed, ...boardsCut(project.plan!, s) }),
    ];
    const next = steps.value.findIndex((x, i) => i > at.value && !isOver(x));
    if (next >= 0) go(next);
    // Why it was not kept is said by the outbox; the step is still to be done.
    await outbox.add(id.value, ops).catch(() => go(steps.value.findIndex((x) => x.id === s.id)));
}
async function undo(): Promise<void> {
    const fact = doneBy.value.get(step.value!.id);
    const cuts = [...(sheet.value?.state.made.values() ?? []), ...sticks(step.value!).made];
    await outbox.add(id.value, [...(fact ? [fact] : []), ...cuts].map(struck));
}
</script>

<template>
    <div v-if="step" class="at-work">
        <header>
            <RouterLink :to="`/projects/${id}/make`" aria-label="back to the desk">‹</RouterLink>
            <h1>{{ render(step.title, project.unit) }}</h1>
            <span class="state" role="status">
                {{ at + 1 }} of {{ steps.length }}<template v-if="kept"> · {{ kept }}</template>
            </span>
        </header>
        <div class="middle">
            <StepPicture :index="at" />
            <section class="tell">
                <p v-if="step.held.length" class="stop"><b>Waits.</b> {{ render(step.held[0]!.says, project.unit) }}</p>
                <p v-else-if="before.length" class="stop">First: step {{ before.join(', ') }}.</p>
                <ul class="big-lines">
                    <li v-for="(n, i) in step.numbers" :key="i">{{ render(n, project.unit) }}</li>
                </ul>
                <p v-for="(c, i) in step.cautions" :key="`c${i}`" class="mind">{{ render(c, project.unit) }}</p>
                <StepAsks v-if="step.asks.length" :project="id" :asks="step.asks" :facts="facts" />
                <p v-for="(c, i) in step.checks" :key="`k${i}`">✓ {{ render(c, project.unit) }}</p>
                <TrialCard v-for="t in trials" :key="t.id" :trial="t" :send="(op) => outbox.add(id, [op])" />
                <p class="soft">{{ hours(step.minutes) }}, {{ step.hands }} {{ step.hands === 1 ? 'pair' : 'pairs' }} of hands</p>
                <RouterLink v-if="step.sheet" :to="`/projects/${id}/saw`" class="act">To the saw</RouterLink>
                <RouterLink v-else-if="step.kind === 'cut_lumber'" :to="`/projects/${id}/sticks?part=${step.makes[0]}`" class="act">
                    To the saw
                </RouterLink>
                <p v-if="warned === step.id && unasked.length" role="alert" class="stop">
                    Not recorded yet: {{ unasked.map((a) => render(a.name, project.unit)).join(', ') }}. Take a photo or two distances now,
                    or press Done again.
                </p>
            </section>
        </div>
        <footer>
            <button class="done" :disabled="step.held.length > 0 || isDone" @click="done">
                {{ isDone ? 'Done already' : 'Done' }}
            </button>
            <button :disabled="!isDone" @click="undo">Undo</button>
            <button :disabled="at === 0" @click="go(at - 1)">‹ Back</button>
            <button :disabled="at === steps.length - 1" @click="go(at + 1)">Next ›</button>
            <WorkActs :project="id" :about="step.id" what="this step" />
        </footer>
    </div>
    <p v-else class="wait">{{ trouble || (project.plan ? 'There is nothing to make yet.' : 'Opening the project…') }}</p>
</template>

<style scoped>
.middle {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    min-height: 0;
}
.tell {
    padding: 18px 24px;
    overflow-y: auto;
    font-size: 18px;
}
.big-lines {
    list-style: none;
    margin: 0 0 12px;
    padding: 0;
    font-size: clamp(19px, 2.1vw, 26px);
    font-weight: 600;
}
.big-lines li {
    padding: 6px 0;
    border-bottom: 1px solid var(--rule);
}
.mind {
    color: var(--ochre-text);
    border-left: 4px solid var(--ochre);
    padding-left: 10px;
}
.stop {
    color: var(--brick);
    border-left: 4px solid var(--brick);
    padding-left: 10px;
}
.tell p {
    margin: 8px 0;
}
.wait {
    padding: 40px;
}
@media (max-width: 720px) {
    .middle {
        grid-template-columns: 1fr;
        grid-template-rows: minmax(120px, 38%) minmax(0, 1fr);
    }
    .tell {
        padding: 8px 14px;
    }
}
</style>
