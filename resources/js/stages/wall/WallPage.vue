<script setup lang="ts">
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import type { Walked } from '../../api/plan';
import { useOutbox } from '../../project/outbox';
import { useProject } from '../../project/store';
import { again, found, taken } from '../../project/entry';
import { asked, held, type Read } from '../../project/held';
import HeldEntry from '../../ui/HeldEntry.vue';
import { findsPlace, isAngle, isOpen, noteOf, nowhere, reachTold } from '../../project/readings';
import { useMeter } from '../../project/meter';
import Keypad from './Keypad.vue';
import { metered, nothing, type Tapped } from './pad';
import { afterWaiting } from './pending';
import { photoOf } from '../../project/photo';
import RefusedList from './RefusedList.vue';
import WallActs from './WallActs.vue';
import WallHead from './WallHead.vue';
import WallSketch from './WallSketch.vue';
import WallValue from './WallValue.vue';

/** At the wall: one reading at a time, by thumb, with or without a network. */
const project = useProject();
const outbox = useOutbox();
const route = useRoute();
const trouble = ref('');
const tapped = ref<Tapped>(nothing);
const refusal = ref('');
const here = ref<string | null>(null);
const id = computed(() => String(route.params.id));

onMounted(async () => {
    try {
        await project.open(id.value);
        await outbox.load();
        here.value = walk.value.find(isOpen)?.id ?? walk.value[0]?.id ?? null;
    } catch (error) {
        trouble.value = error instanceof Error ? error.message : String(error);
    }
});

const meter = useMeter((r) => (tapped.value = metered(r.mm)));
watch(meter.says, (says) => (refusal.value = says));

const mine = computed(() => outbox.items.filter((w) => w.project === id.value));
const walk = computed(() => (project.site?.walk ?? []).map((r) => afterWaiting(r, mine.value)));
const reading = computed<Walked | null>(() => walk.value.find((r) => r.id === here.value) ?? null);
const at = computed(() => walk.value.findIndex((r) => r.id === here.value));

/** Of what is looked for all over: the number that waits until it is said where that was, first how high, then how far from the back. */
const waits = ref<{ value: number; typed: string } | null>(null);
const asks = computed(() => (waits.value === null ? null : found.value.z === null ? 'z' : 'y'));

onBeforeUnmount(() => held.value?.answer(null));
watch(here, () => {
    held.value?.answer(null);
    tapped.value = nothing;
    waits.value = null;
    found.value = nowhere;
    refusal.value = '';
    again.value = false;
});

function step(by: 1 | -1): void {
    here.value = walk.value[at.value + by]?.id ?? here.value;
}

function keepOrAsk(value: number, typed: string): Promise<void> | void {
    if (asks.value === null && (!findsPlace(reading.value!.kind) || value === 0)) return keep(value, typed);
    tapped.value = nothing;
    if (waits.value === null) waits.value = { value, typed };
    else if (asks.value === 'z') found.value = { z: value, y: null };
    else {
        found.value = { ...found.value, y: value };
        return keep(waits.value.value, waits.value.typed);
    }
}

/** What the person says it is where it is further off than the room allows; null where it is to be taken again. */
async function told(of: Walked, read: Read): Promise<Read | null> {
    if (again.value) return read;
    try {
        return await asked(of, read, project.documentUnit);
    } catch (error) {
        tapped.value = nothing;
        refusal.value = error instanceof Error ? error.message : String(error);
        return null;
    }
}

/** The next reading is there with the press: a second press keeps nothing twice and passes none over. */
async function keep(said: number, text: string): Promise<void> {
    const [of, from, was] = [reading.value!, here.value, tapped.value];
    const read = await told(of, { value: said, typed: text });
    if (read === null) return;
    const ops = taken(of, read.value, read.typed, was.mm ? 'meter' : undefined);
    tapped.value = nothing;
    again.value = false;
    if (at.value < walk.value.length - 1) step(1);
    try {
        await outbox.add(id.value, ops);
    } catch (error) {
        here.value = from;
        await nextTick();
        tapped.value = was;
        refusal.value = error instanceof Error ? error.message : String(error);
    }
}

async function sent(job: Promise<void>): Promise<void> {
    try {
        await job;
    } catch (error) {
        refusal.value = error instanceof Error ? error.message : String(error);
    }
}

const note = (text: string): Promise<void> => sent(outbox.add(id.value, [noteOf(reading.value!.id, text, new Date().toISOString())]));

/** The same reading stays: a second press says of no other that it is out of reach. */
const reach = (): Promise<void> => sent(outbox.add(id.value, [reachTold(reading.value!)]));

const photo = (file: File): Promise<void> =>
    sent(
        photoOf(file, { kind: 'photo', reading: reading.value!.id }).then((p) =>
            outbox.add(id.value, [p.op], { id: p.photo, blob: p.blob }),
        ),
    );
</script>

<template>
    <div v-if="project.plan && reading" class="wall">
        <WallHead :walk="walk" :here="here!" :waiting="mine.length" @go="(r) => (here = r)" />
        <RefusedList :project="id" />
        <WallSketch :reading="reading" />
        <WallValue v-model:refusal="refusal" :reading="reading" :tapped="tapped" :asks="asks" />
        <WallActs
            :reading="reading"
            :first="at === 0"
            :last="at === walk.length - 1"
            @back="step(-1)"
            @skip="step(1)"
            @reach="reach"
            @note="note"
            @photo="photo"
        />
        <HeldEntry v-if="held" class="asks" />
        <Keypad
            v-else
            v-model="tapped"
            :reading="reading"
            :unit="project.documentUnit"
            :degrees="isAngle(reading.kind)"
            @keep="keepOrAsk"
            @refused="(why) => (refusal = why)"
        >
            <template #meter>
                <button class="meter" :aria-pressed="meter.on.value" @click="meter.toggle()">
                    {{ meter.on.value ? `Meter ${meter.battery.value ?? '…'} %` : 'From meter' }}
                </button>
            </template>
        </Keypad>
    </div>
    <p v-else class="wait">{{ trouble || (project.plan ? 'This space asks for no reading yet.' : 'Opening the project…') }}</p>
</template>

<style scoped>
.wall {
    display: grid;
    grid-template-rows: auto auto auto minmax(110px, 1fr) auto auto auto;
    height: 100dvh;
    max-width: 480px;
    margin: 0 auto;
    background: var(--paper);
    overflow: hidden;
}
.asks {
    align-self: end;
    margin: 0 14px 14px;
}
.meter {
    height: 100%;
    grid-column: 2 / span 2;
    border: 1px solid var(--rule);
    border-radius: 6px;
    background: var(--sheet);
    color: var(--chalk);
    font: inherit;
    font-size: 15px;
}
.meter[aria-pressed='true'] {
    background: var(--chalk-wash);
    border-color: var(--chalk);
}
.wait {
    padding: 40px 20px;
}
</style>
