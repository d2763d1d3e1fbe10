<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import LengthField from '../../ui/LengthField.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { again, found, taken } from '../../project/entry';
import { asked, held } from '../../project/held';
import { isAngle, neighbour, nowhere } from '../../project/readings';
import SiteTally from './SiteTally.vue';
import SpaceStrip from './SpaceStrip.vue';
import WayTally from './WayTally.vue';
import { say } from '../../measure/say';

const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const view = ref('front');
const onWay = ref(false);

const walk = computed(() => project.site?.walk ?? []);
const reading = computed(() => walk.value.find((r) => r.id === picked.value) ?? null);
const drawing = computed(() => {
    const drawings = project.plan?.drawings;
    return onWay.value ? drawings?.way_in?.front : drawings?.[project.space?.[0] ?? '']?.[view.value];
});
/** Of the survey's findings those that are about one reading: its number is marked. */
const doubted = computed(() => {
    const walked = new Set(walk.value.map((r) => r.id));
    return (project.plan?.findings ?? []).filter((f) => f.code.startsWith('survey.') && walked.has(f.place.ref)).map((f) => f.place.ref);
});
const titles: Record<string, string> = { front: say('Front, from the room'), top: say('From above'), side: say('Side, from the left') };
const labels: Record<string, string> = {
    front: say('space from the front'),
    top: say('space from above'),
    side: say('space from the side'),
};

// The view follows the tape.
watch(reading, (now, before) => now && now.id !== before?.id && (view.value = now.view), { immediate: true });

async function keep(value: number, typed: string): Promise<void> {
    const of = reading.value!;
    const read = again.value ? { value, typed } : await asked(of, { value, typed }, project.documentUnit);
    await project.change(...taken(of, read.value, read.typed));
    again.value = false;
    found.value = nowhere;
}
/** A thing dragged to another place: its own numbers change, and nothing else. */
async function move(id: string, by: Record<string, number>): Promise<void> {
    const [space, own] = project.space!;
    const thing = own.things?.[id];
    if (!thing) return;
    const ops = Object.entries(by).map(([field, mm]) => ({
        op: 'set' as const,
        path: ['spaces', space, 'things', id, field],
        value: Math.max(0, round(((thing as unknown as Record<string, number>)[field] ?? 0) + mm)),
    }));
    await guarded(project.change(...ops));
}
const round = (mm: number): number => Math.round(mm * 1e6) / 1e6;
// Who goes elsewhere has not answered: it is not kept, and said so.
watch(picked, () => held.value?.answer(null));
onBeforeUnmount(() => held.value?.answer(null));
const go = (step: 1 | -1): void => void (picked.value = neighbour(walk.value, picked.value, step));
</script>

<template>
    <BoardDrawings
        v-if="drawing"
        :drawings="drawing.items.length > 0 ? [{ drawing, label: onWay ? 'the way in' : labels[view]! }] : []"
        :views="
            onWay
                ? []
                : [
                      { key: 'front', label: 'Front' },
                      { key: 'top', label: 'From above' },
                      { key: 'side', label: 'Side' },
                  ]
        "
        :view="view"
        :title="onWay ? 'The way in, as walked' : titles[view]!"
        :doubted="doubted"
        @view="(v) => (view = v)"
        @move="move"
    >
        <template #strip><SpaceStrip v-model="onWay" /></template>
        <template #entry>
            <LengthField
                v-if="reading"
                :key="`${reading.id} ${again}`"
                eager
                :model-value="again ? null : (reading.value ?? reading.deg)"
                :unit="project.documentUnit"
                :degrees="isAngle(reading.kind)"
                :label="render(reading.name, project.unit)"
                :keep="keep"
                @next="go(1)"
                @back="go(-1)"
                @leave="picked = null"
            />
        </template>
    </BoardDrawings>
    <WayTally v-if="onWay" />
    <SiteTally v-else />
</template>
