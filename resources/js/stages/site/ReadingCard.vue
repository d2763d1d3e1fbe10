<script setup lang="ts">
import Button from 'primevue/button';
import { computed, watch } from 'vue';
import type { Walked } from '../../api/plan';
import { also, lossless, show } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import HeldEntry from '../../ui/HeldEntry.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { again, found, instrument, instrumentOf, turnedRound } from '../../project/entry';
import { held } from '../../project/held';
import ReadingNotes from './ReadingNotes.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { places } from './forms';
import {
    findsPlace,
    type Found,
    foundAt,
    instrumentsFor,
    isAngle,
    isRead,
    nowhere,
    reachTold,
    readingRemoved,
    strikeOf,
} from '../../project/readings';
import TakesList from './TakesList.vue';

/** The picked reading: its number, how to take it, its takes, and what speaks against it. */
const props = defineProps<{ reading: Walked }>();
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();

const finding = computed(() => project.plan?.findings.find((f) => f.place.ref === props.reading.id) ?? null);
const help = computed(() => render({ key: `help.reading.${props.reading.kind}`, args: {} }, project.unit));
const instruments = computed(() => instrumentsFor(props.reading.kind));
/** What slipped once slips again from the same end. */
const turned = computed(() => turnedRound(props.reading.kind));
const showsOff = computed(() => Math.abs(props.reading.off_by ?? props.reading.off_by_deg ?? 0) >= 0.05);

watch(() => props.reading.id, () => { again.value = false; found.value = nowhere; }, { immediate: true }); // prettier-ignore
const axes = ['z', 'y'] as const;
/** Where the next number was found while one more is typed, else where the last one was. */
const place = computed<Found>(() => (again.value ? found.value : (props.reading.takes.at(-1) ?? found.value)));

/** One after the other: the second field finds the take that the first one left. */
let turn: Promise<void> = Promise.resolve();
function keepPlace(axis: keyof Found, mm: number): Promise<void> {
    const { id } = props.reading;
    const mine = turn.then(async () => {
        const now = project.site?.walk.find((r) => r.id === id) ?? props.reading;
        const { z, y } = again.value ? found.value : (now.takes.at(-1) ?? found.value);
        found.value = { z, y, [axis]: mm };
        if (!again.value && isRead(now)) await project.change(...foundAt(now, found.value, new Date().toISOString()));
    });
    turn = mine.catch(() => undefined);
    return mine;
}

const reach = (): Promise<unknown> => guarded(project.change(reachTold(props.reading)));

async function remove(): Promise<void> {
    const { id } = props.reading;
    const ops = [...strikeOf(props.reading), readingRemoved(project.space![0], id)];
    picked.value = null;
    await guarded(project.change(...ops));
}
</script>

<template>
    <section class="tape-paper">
        <HeldEntry v-if="held" />
        <div class="what">{{ capitalised(render(reading.name, project.unit)) }}</div>
        <div class="big">
            <template v-if="again">?<small>as it reads now</small></template>
            <template v-else-if="reading.value !== null">
                {{ lossless(reading.value, project.unit) }}<small>{{ project.unit }}</small>
            </template>
            <template v-else-if="reading.deg !== null">{{ reading.deg }}<small>°</small></template>
            <template v-else-if="reading.unreached !== null">–<small>could not be reached</small></template>
            <template v-else>–<small>not read yet</small></template>
        </div>
        <div v-if="reading.value !== null && !again" class="alt">
            {{ also(reading.value, project.unit) }}<span class="soft"> · typed “{{ reading.typed }}”</span>
        </div>
        <p class="help soft">{{ help }}</p>
        <p v-if="reading.unreached !== null" class="help soft">
            It is not asked for again. What hangs on it stays as little known as it was.
        </p>
        <p v-if="finding && !again" class="doubted">{{ render(finding.says, project.unit) }} {{ render(finding.remedy, project.unit) }}</p>
        <p v-else-if="showsOff && !again" class="help soft">
            Off by {{ isAngle(reading.kind) ? `${reading.off_by_deg}°` : show(reading.off_by!, project.unit) }} from what all readings
            together say: within its doubt.
        </p>
        <p v-if="isRead(reading) && reading.checked !== null && reading.checked < 0.05" class="help soft">
            No other reading checks this one.
        </p>
        <div v-if="instruments.length > 1" class="how">
            <Choice label="read with" :value="instrumentOf(reading.kind)" :options="instruments" @choose="(w) => (instrument = w)" />
        </div>
        <div v-if="findsPlace(reading.kind)" class="where">
            <LengthRow
                v-for="axis in axes"
                :key="axis"
                :title="places[axis].label"
                :label="`${places[axis].label} it was found`"
                :value="place[axis]"
                :path="[]"
                :placeholder="project.documentUnit === 'in' ? places[axis].inches : places[axis].mm"
                :keep-as="(mm: number) => keepPlace(axis, mm)"
            />
        </div>
        <TakesList v-if="reading.takes.length > 0 && !again" :reading="reading" />
        <p v-if="again" class="help again">
            {{ turned }} What was read before is hidden, so that it is read and not remembered; it is kept beside this one.
        </p>
        <ReadingNotes :reading="reading" />
        <div class="acts">
            <Button
                v-if="isRead(reading)"
                label="Take it again"
                size="small"
                severity="secondary"
                :disabled="again"
                @click="again = true"
            />
            <Button v-else-if="reading.unreached === null" label="Could not reach it" size="small" severity="secondary" @click="reach" />
            <Button v-else label="It can be reached" size="small" severity="secondary" @click="reach" />
            <Button label="Remove" size="small" severity="secondary" @click="remove" />
        </div>
    </section>
</template>

<style scoped>
.help {
    font-size: 13px;
    margin: 8px 0 0;
}
.again {
    color: var(--chalk);
    font-weight: 600;
}
.doubted {
    font-size: 13px;
    margin: 10px 0 0;
    color: var(--ochre-text);
    font-weight: 600;
}
.where {
    margin-top: 10px;
}
.how {
    margin-top: 10px;
}
.acts {
    display: flex;
    gap: 8px;
    margin-top: 14px;
}
</style>
