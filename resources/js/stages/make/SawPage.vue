<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { inches, show } from '../../measure/show';
import { struck } from '../../project/facts';
import { useOutbox } from '../../project/outbox';
import { useProject } from '../../project/store';
import { alike, allSheets, atSaw, cutWrong, freed, lastMade, made, type Measured, partsOf, sawsNow, standing } from './atWork';
import SawSheet from './SawSheet.vue';
import SawWrong from './SawWrong.vue';
import WorkActs from './WorkActs.vue';
import './work.css';
import { say } from '../../measure/say';
import { sawnEdge } from '../../ui/sawnEdge';

/** At the saw: the next cut, and nothing else. Each is kept on this device and sent when the server can be reached. */
const project = useProject();
const outbox = useOutbox();
const route = useRoute();
const id = computed(() => String(route.params.id));
const trouble = ref('');
const at = ref(0);
const asking = ref(false);
onMounted(async () => {
    try {
        if (project.line?.id !== id.value) await project.open(id.value);
        await outbox.load();
        const asked = Number(route.query.sheet ?? 0);
        at.value = asked > 0 ? Math.min(asked - 1, sheets.value.length - 1) : Math.max(0, open.value);
    } catch (error) {
        trouble.value = error instanceof Error ? error.message : String(error);
    }
});

const mine = computed(() => outbox.items.filter((w) => w.project === id.value));
const facts = computed(() => standing(project.document!, mine.value));
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
const held = computed(() =>
    Object.entries(project.plan?.pieces ?? {})
        .filter(([, p]) => p.held.some((h) => h.before === 'cut'))
        .map(([, p]) => p.name),
);
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
const kept = computed(() => {
    if (mine.value.length === 0) return '';
    return outbox.signedOut
        ? say('{0} kept here: sign in again to send them', mine.value.length)
        : say('{0} kept on this device', mine.value.length);
});
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
    <div v-if="now" class="at-work">
        <header>
            <RouterLink :to="`/projects/${id}/make`" aria-label="back to the desk">‹</RouterLink>
            <select v-model="at" aria-label="sheet">
                <option v-for="(s, i) in sheets" :key="i" :value="i">{{ s.name }}, sheet {{ s.number }} of {{ s.of }}</option>
            </select>
            <span class="state" role="status">
                {{ state.made.size }} of {{ now.sheet.cuts.length }} cuts<template v-if="kept"> · {{ kept }}</template>
            </span>
        </header>
        <div class="middle">
            <SawSheet :sheet="now.sheet" :cut="cut" :made="state.made" :kerf="now.kerf" />
            <section v-if="state.waits" class="say" aria-live="polite">
                <h2>Wait.</h2>
                <p>A part was cut wrong. The new plan is not in yet: cut another sheet meanwhile.</p>
            </section>
            <section v-else-if="held.length" class="say">
                <h2>Not yet.</h2>
                <p>{{ held.join(', ') }} waits for somebody to decide. See the Cut stage.</p>
            </section>
            <section v-else-if="cut" class="say" aria-live="polite">
                <p class="how">
                    {{ cut.trim ? 'Trim' : 'Cut' }} {{ cut.kind === 'rip' ? 'along' : 'across' }}, {{ edge }} against the fence
                </p>
                <p class="set" :aria-label="`set to ${show(cut.fence_mm, project.unit)} ${project.unit}`">
                    <template v-if="project.unit === 'in'">
                        {{ inches(cut.fence_mm).whole
                        }}<span v-if="inches(cut.fence_mm).top" class="frac">
                            {{ inches(cut.fence_mm).top }}/{{ inches(cut.fence_mm).bottom }}</span
                        >
                    </template>
                    <template v-else>{{ show(cut.fence_mm, 'mm') }}</template>
                    <small>{{ project.unit }}</small>
                </p>
                <p class="comes">
                    {{ comes }}<template v-if="rests">; {{ rests }}</template>
                </p>
                <p class="soft">
                    {{ cut.setting ? 'A new setting' : 'The same setting' }}{{ count > 1 ? `, ${count} cuts at it from here` : '' }} · cut
                    {{ cut.order }}, {{ show(cut.to_mm - cut.from_mm, project.unit) }} long
                </p>
            </section>
            <section v-else class="say">
                <h2>This sheet is cut.</h2>
                <p>Label each part; what is left over goes on the rack.</p>
                <button v-if="open >= 0" class="act" @click="at = open">The next sheet</button>
            </section>
        </div>
        <footer>
            <button class="done" :disabled="!cut || state.waits || held.length > 0" @click="done">Done</button>
            <button :disabled="state.made.size === 0" @click="undo">Undo</button>
            <button class="wrong" :disabled="wrongParts.length === 0" @click="asking = true">Cut wrong</button>
            <WorkActs :project="id" :about="state.begun ?? now.material" what="this sheet" />
        </footer>
        <SawWrong v-if="asking" :parts="wrongParts" :unit="project.documentUnit" @wrong="wrong" @close="asking = false" />
    </div>
    <p v-else class="wait">{{ trouble || (project.plan ? 'There is no sheet to cut.' : 'Opening the project…') }}</p>
</template>

<style scoped>
.middle {
    display: grid;
    grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
    min-height: 0;
}
.say {
    padding: 24px 28px;
    align-self: center;
}
.how {
    font-size: 24px;
    font-weight: 650;
    margin: 0;
}
.set {
    font-size: clamp(84px, 13vw, 168px);
    line-height: 1;
    font-weight: 700;
    margin: 14px 0;
    font-stretch: 80%;
    white-space: nowrap;
}
.set small {
    font-size: 26px;
    font-weight: 500;
    margin-left: 8px;
}
.frac {
    font-size: 0.5em;
}
.comes {
    font-size: 22px;
    margin: 0 0 10px;
}
.say h2 {
    font-size: 40px;
}
.soft {
    font-size: 16px;
}
.wait {
    padding: 40px;
}
@media (max-width: 720px) {
    .middle {
        grid-template-columns: 1fr;
        grid-template-rows: minmax(0, 1fr) auto;
    }
    .say {
        padding: 10px 16px;
    }
}
</style>
