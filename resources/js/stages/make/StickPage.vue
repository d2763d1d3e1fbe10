<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { say } from '../../measure/say';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import type { Measured } from './atWork';
import BigSetting from './BigSetting.vue';
import CutLayout from './CutLayout.vue';
import SawWrong from './SawWrong.vue';
import { alikeOn, allSticks, atStick, crosscut, cutAmiss, isSameStop, lastCut, type StickInQueue } from './sticks';
import StickSketch from './StickSketch.vue';
import WorkActs from './WorkActs.vue';
import { useWorkplace } from './workplace';

/** At the saw with lumber and mouldings: the stop, and which part comes off. Each cut is kept on this device and sent when the server can be reached. */
const route = useRoute();
const at = ref(0);
const asking = ref(false);
const { project, outbox, id, trouble, facts, kept, held } = useWorkplace(() => {
    const asked = sticks.value.findIndex((s) => s.stick.pieces.some((p) => p.part === route.query.part));
    at.value = Math.max(0, asked >= 0 ? asked : open.value);
});
const sticks = computed(() => (project.plan ? allSticks(project.plan) : []));
const stateOf = (s: StickInQueue) => atStick(s.stick, facts.value, project.document!.workshop.part_tolerance);
/** The first stick that is not cut yet. */
const open = computed(() => sticks.value.findIndex((s) => stateOf(s).next));
const now = computed(() => sticks.value[at.value] ?? null);
watch(sticks, (all) => (at.value = Math.min(at.value, Math.max(0, all.length - 1))));
const state = computed(() => stateOf(now.value!));
const next = computed(() => state.value.next);
const first = computed(() => next.value === now.value!.stick.pieces[0]);
const count = computed(() => (next.value ? alikeOn(now.value!.stick, next.value) : 0));
const isSame = computed(() => {
    const { pieces } = now.value!.stick;
    return isSameStop(pieces[pieces.indexOf(next.value!) - 1], next.value!);
});
const named = (part: string): string => {
    const own = project.plan!.parts.find((p) => p.id === part);
    return own ? render(own.name, project.unit) : '';
};
const title = (s: StickInQueue): string => {
    const section = `${show(s.lumber.thickness, project.unit)} × ${show(s.lumber.width, project.unit)}`;
    return say('{0}, {1}: stick {2} of {3}, {4}', render(s.lumber.name, project.unit), section, s.number, s.of, s.stick.name);
};
const about = computed(() => {
    const parts = now.value!.stick.pieces.map((p) => p.part);
    return project.plan!.steps.find((s) => s.kind === 'cut_lumber' && s.makes.some((m) => parts.includes(m)))?.id ?? parts[0]!;
});
const wrongParts = computed(() =>
    now.value!.stick.pieces.filter((p) => state.value.made.has(p.part)).map((p) => ({ id: p.part, label: p.label })),
);
async function done(): Promise<void> {
    await outbox.add(id.value, [crosscut(next.value!, now.value!.lumber.width)]);
}
async function undo(): Promise<void> {
    await outbox.add(id.value, [lastCut(now.value!.stick, state.value)!]);
}
async function wrong(part: string, cause: string, measured: Measured): Promise<void> {
    asking.value = false;
    const { stick, lumber } = now.value!;
    const piece = stick.pieces.find((p) => p.part === part)!;
    await outbox.add(id.value, cutAmiss(piece, state.value.made.get(part)!, lumber.width, cause, measured));
}
</script>

<template>
    <CutLayout v-if="now" :project="id" :made="state.made.size" :of="now.stick.pieces.length" :kept="kept" :held="held">
        <template #choice>
            <select v-model="at" aria-label="stick">
                <option v-for="(s, i) in sticks" :key="i" :value="i">{{ title(s) }}</option>
            </select>
            <RouterLink v-if="project.plan?.cut.length" :to="`/projects/${id}/saw`" class="other">Sheets</RouterLink>
        </template>
        <template #lies><StickSketch :stick="now.stick" :state="state" /></template>
        <template v-if="next">
            <p v-if="first" class="how">Square the end first, {{ show(now.stick.from, project.unit) }} off. Then cut across, the stop at</p>
            <p v-else class="how">Cut across, the stop at</p>
            <BigSetting :mm="next.length" :unit="project.unit" />
            <p class="comes">{{ next.label }}, {{ named(next.part) }}, comes off, done</p>
            <p v-if="state.wrong !== null" class="comes wrong">
                It was cut {{ show(state.wrong, project.unit) }} long: {{ state.wrong > next.length ? 'trim it' : 'cut it anew' }}.
            </p>
            <p class="soft">
                {{ isSame ? 'The same stop' : 'A new stop' }}{{ count > 1 ? `, ${count} cuts at it from here` : '' }} · without a stop, mark
                it at {{ show(next.at + next.length, project.unit) }} from the end of the stick
            </p>
        </template>
        <template v-else>
            <h2>This stick is cut.</h2>
            <p>Label each part. {{ now.stick.left > 0 ? `Left over: ${show(now.stick.left, project.unit)}.` : '' }}</p>
            <button v-if="open >= 0" class="act" @click="at = open">The next stick</button>
        </template>
        <template #acts>
            <button class="done" :disabled="!next || held.length > 0" @click="done">Done</button>
            <button :disabled="state.made.size === 0" @click="undo">Undo</button>
            <button class="wrong" :disabled="wrongParts.length === 0" @click="asking = true">Cut wrong</button>
            <WorkActs :project="id" :about="about" what="this stick" />
        </template>
        <template #asks>
            <SawWrong v-if="asking" :parts="wrongParts" :unit="project.documentUnit" @wrong="wrong" @close="asking = false" />
        </template>
    </CutLayout>
    <p v-else class="wait">{{ trouble || (project.plan ? 'There is no lumber to cut.' : 'Opening the project…') }}</p>
</template>

<style scoped>
.wait {
    padding: 40px;
}
</style>
