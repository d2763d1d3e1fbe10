<script setup lang="ts">
import { computed } from 'vue';
import type { Step } from '../../api/plan';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import Fold from '../../ui/Fold.vue';
import { useRefusals } from '../../ui/refusals';
import { hours, moveStep, neighbourMove } from './steps';
import { say } from '../../measure/say';

/** One step whole: what is set and driven in it, what to mind, what must be true after, and why it stands where it stands. */
const props = defineProps<{ index: number }>();
const emit = defineEmits<{ go: [index: number] }>();
const project = useProject();
const guarded = useRefusals();
const steps = computed(() => project.plan!.steps);
const step = computed<Step>(() => steps.value[props.index]!);
const numberOf = (id: string): number => steps.value.findIndex((s) => s.id === id) + 1;
const labels = computed(() => {
    const of = Object.fromEntries(project.plan!.parts.map((p) => [p.id, p.label]));
    return (step.value.places.length ? step.value.places : step.value.parts).map((id) => of[id]).filter(Boolean);
});
async function move(by: -1 | 1): Promise<void> {
    const after = neighbourMove(steps.value, props.index, by);
    if (after === null) return;
    const id = step.value.id;
    if (await guarded(project.change(moveStep(id, after)))) emit('go', Math.max(0, numberOf(id) - 1));
}
const usual = (): Promise<boolean> => guarded(project.set(['make', 'order'], null));
const wait = (h: number): string => (h >= 48 ? say('{0} days', h / 24) : say('{0} h', h));
</script>

<template>
    <section class="tape-paper" :aria-label="`step ${index + 1}`">
        <div class="what">Step {{ index + 1 }} of {{ steps.length }}</div>
        <h3>{{ render(step.title, project.unit) }}</h3>
        <p class="soft">
            {{ hours(step.minutes) }}, {{ step.hands === 1 ? 'one pair of hands' : `${step.hands} pairs of hands`
            }}{{ step.noisy ? ', noisy' : '' }}{{ step.outside ? ', outdoors if you can' : '' }}
        </p>
        <div v-for="h in step.held" :key="h.code" class="held"><b>Waits.</b> {{ render(h.says, project.unit) }}</div>
        <ul v-if="step.numbers.length" class="numbers">
            <li v-for="(n, i) in step.numbers" :key="i">{{ render(n, project.unit) }}</li>
        </ul>
        <ul v-if="step.cautions.length" class="mind">
            <li v-for="(c, i) in step.cautions" :key="i">{{ render(c, project.unit) }}</li>
        </ul>
        <template v-if="step.checks.length">
            <h4>Then</h4>
            <ul class="checks">
                <li v-for="(c, i) in step.checks" :key="i">{{ render(c, project.unit) }}</li>
            </ul>
        </template>
        <p v-if="step.tools.length" class="soft">With: {{ step.tools.map((t) => render(t, project.unit)).join(', ') }}.</p>
        <p v-if="labels.length" class="soft">Parts: {{ labels.slice(0, 40).join(' ') }}{{ labels.length > 40 ? ' …' : '' }}</p>
    </section>
    <section class="bears">
        <h4>Why here</h4>
        <p v-if="!step.needs.length" class="soft">Nothing has to come before it.</p>
        <p v-for="n in step.needs" :key="n.step" class="need" :class="{ broken: step.breaks.some((b) => b.step === n.step) }">
            <button class="linkish" @click="emit('go', numberOf(n.step) - 1)">after {{ numberOf(n.step) }}</button>
            {{ capitalised(render(n.why, project.unit)) }}{{ n.hours ? `; ${wait(n.hours)} between` : '' }}.
        </p>
        <Fold title="Move it">
            <div class="moves">
                <button class="linkish" :disabled="index === 0" @click="move(-1)">One earlier</button>
                <button class="linkish" :disabled="index === steps.length - 1" @click="move(1)">One later</button>
                <button v-if="project.document?.make?.order" class="linkish" @click="usual">Back to the usual order</button>
            </div>
        </Fold>
    </section>
</template>

<style scoped>
h3 {
    font-size: 18px;
    line-height: 1.2;
    margin: 2px 0 4px;
}
h4 {
    margin: 12px 0 2px;
    font-size: 12.5px;
}
p {
    margin: 4px 0;
    font-size: 12.5px;
}
ul {
    margin: 8px 0 0;
    padding: 0 0 0 14px;
    font-size: 13px;
}
.numbers {
    list-style: none;
    padding: 0;
}
.numbers li {
    padding: 3px 0;
    border-top: 1px dotted var(--rule);
}
.mind {
    list-style: none;
    padding: 6px 8px;
    border-left: 3px solid var(--ochre);
    color: var(--ochre-text);
}
.checks {
    list-style: '✓ ';
}
.held {
    margin-top: 6px;
    padding: 6px 8px;
    border-left: 3px solid var(--brick);
    font-size: 12.5px;
}
.need.broken {
    color: var(--brick);
    font-weight: 650;
}
.moves {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
}
</style>
