<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { show } from '../../measure/show';
import { struck } from '../../project/facts';
import { alike, allSheets, atSaw, cutWrong, freed, lastMade, made, type Measured, partsOf, sawsNow } from './atWork';
import BigSetting from './BigSetting.vue';
import CutLayout from './CutLayout.vue';
import SawSheet from './SawSheet.vue';
import SawWrong from './SawWrong.vue';
import WorkActs from './WorkActs.vue';
import { say } from '../../measure/say';
import { sawnEdge } from '../../ui/sawnEdge';
import { useWorkplace } from './workplace';

/** At the saw: the next cut, and nothing else. Each is kept on this device and sent when the server can be reached. */
const route = useRoute();
const at = ref(0);
const asking = ref(false);
const { project, outbox, id, trouble, mine, facts, kept, held } = useWorkplace(() => {
    const asked = Number(route.query.sheet ?? 0);
    at.value = asked > 0 ? Math.min(asked - 1, sheets.value.length - 1) : Math.max(0, open.value);
});
const sheets = computed(() => (project.plan ? allSheets(project.plan) : []));
/** The first sheet that is not cut yet. */
const open = computed(() => sheets.value.findIndex((s) => atSaw(s.material, s.sheet, facts.value, mine.value).next));
const now = computed(() => sheets.value[at.value] ?? null);
/** A sheet that is begun moves to the front of its material: the one in hand stays in hand. */
watch(sheets, (all, before) => {
    const held = before[at.value];
    const same = held ? all.findIndex((s) => s.material === held.material && partsOf(s.sheet) === partsOf(held.sheet)) : -1;
    at.value = same >= 0 ? same : Math.min(at.value, Math.max(0, all.length - 1));
});
const state = computed(() => atSaw(now.value!.material, now.value!.sheet, facts.value, mine.value));
const cut = computed(() => state.value.next);
const edge = computed(() => sawnEdge(cut.value!));
const comes = computed(() => {
    const { off } = cut.value!;
    if (off.what === 'part') return say('{0} comes off, done', off.parts[0]);
    if (off.what === 'trim') return say('a trimming comes off');
    if (off.what === 'leftover')
        return say('a leftover comes off: {0} × {1}', show(off.length_mm, project.unit), show(off.width_mm, project.unit));
    return say('a piece for {0} comes off', off.parts.join(', '));
});
const rests = computed(() => (cut.value!.rest?.what === 'part' ? say('{0} remains, done', cut.value!.rest.parts[0]) : ''));
const count = computed(() => alike(now.value!.sheet, cut.value!));
const hasSticks = computed(() => (project.plan?.lumber.length ?? 0) > 0);
const wrongParts = computed(() => freed(now.value!.sheet, state.value));
async function done(): Promise<void> {
    const { material, sheet } = now.value!;
    const saws = sawsNow(project.document!, project.plan!, material, sheet);
    await outbox.add(id.value, made(material, sheet, state.value, cut.value!.order, saws));
    if (state.value.next === null && open.value >= 0) at.value = open.value;
}
async function undo(): Promise<void> {
    await outbox.add(id.value, [struck(lastMade(now.value!.sheet, state.value)!.fact)]);
}
async function wrong(part: string, cause: string, measured: Measured): Promise<void> {
    asking.value = false;
    await outbox.add(id.value, [cutWrong(part, state.value.begun!, cause, measured)]);
}
</script>

<template>
    <CutLayout v-if="now" :project="id" :made="state.made.size" :of="now.sheet.cuts.length" :kept="kept" :held="state.waits ? [] : held">
        <template #choice>
            <select v-model="at" aria-label="sheet">
                <option v-for="(s, i) in sheets" :key="i" :value="i">{{ s.name }}, sheet {{ s.number }} of {{ s.of }}</option>
            </select>
            <RouterLink v-if="hasSticks" :to="`/projects/${id}/sticks`" class="other">Lumber</RouterLink>
        </template>
        <template #lies><SawSheet :sheet="now.sheet" :cut="cut" :made="state.made" :kerf="now.kerf" /></template>
        <template v-if="state.waits">
            <h2>Wait.</h2>
            <p>A part was cut wrong. The new plan is not in yet: cut another sheet meanwhile.</p>
        </template>
        <template v-else-if="cut">
            <p class="how">{{ cut.trim ? 'Trim' : 'Cut' }} {{ cut.kind === 'rip' ? 'along' : 'across' }}, {{ edge }} against the fence</p>
            <BigSetting :mm="cut.fence_mm" :unit="project.unit" />
            <p class="comes">
                {{ comes }}<template v-if="rests">; {{ rests }}</template>
            </p>
            <p class="soft">
                {{ cut.setting ? 'A new setting' : 'The same setting' }}{{ count > 1 ? `, ${count} cuts at it from here` : '' }} · cut
                {{ cut.order }}, {{ show(cut.to_mm - cut.from_mm, project.unit) }} long
            </p>
        </template>
        <template v-else>
            <h2>This sheet is cut.</h2>
            <p>Label each part; what is left over goes on the rack.</p>
            <button v-if="open >= 0" class="act" @click="at = open">The next sheet</button>
            <RouterLink v-else-if="hasSticks" :to="`/projects/${id}/sticks`" class="act">On to the lumber</RouterLink>
        </template>
        <template #acts>
            <button class="done" :disabled="!cut || state.waits || held.length > 0" @click="done">Done</button>
            <button :disabled="state.made.size === 0" @click="undo">Undo</button>
            <button class="wrong" :disabled="wrongParts.length === 0" @click="asking = true">Cut wrong</button>
            <WorkActs :project="id" :about="state.begun ?? now.material" what="this sheet" />
        </template>
        <template #asks>
            <SawWrong v-if="asking" :parts="wrongParts" :unit="project.documentUnit" @wrong="wrong" @close="asking = false" />
        </template>
    </CutLayout>
    <p v-else class="wait">
        {{ trouble || (project.plan ? 'There is no sheet to cut.' : 'Opening the project…') }}
        <RouterLink v-if="hasSticks" :to="`/projects/${id}/sticks`">On to the lumber</RouterLink>
    </p>
</template>

<style scoped>
.wait {
    padding: 40px;
}
</style>
