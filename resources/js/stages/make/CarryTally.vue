<script setup lang="ts">
import { onMounted, ref, watch } from 'vue';
import { api, type CarriedBox } from '../../api/client';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import LengthRow from '../../ui/LengthRow.vue';
import NumberField from '../../ui/NumberField.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import { say } from '../../measure/say';

/** Whether each box gets to its place, looked for on the way in; and the car and the hands there are. */
const project = useProject();
const guarded = useRefusals();
const boxes = ref<{ piece: string; box: CarriedBox }[]>([]);
const looking = ref(true);
let run = 0;
async function look(): Promise<void> {
    const mine = ++run;
    looking.value = true;
    await guarded(
        (async () => {
            const found = await Promise.all(
                project.pieces.map(async ([id, p]) => (await api.carryIn(project.line!.id, id)).map((box) => ({ piece: p.name, box }))),
            );
            if (mine === run) boxes.value = found.flat();
        })(),
    );
    if (mine === run) looking.value = false;
}
onMounted(look);
watch(() => project.revision, look);
const says = {
    goes: say('goes in'),
    goes_if: say('goes in if'),
    not_known: say('not known'),
    not_found: say('no way found'),
    cannot: say('does not go in'),
} as const;
const hard = (b: CarriedBox): string[] => [
    ...(b.turned ? [render(b.turned, project.unit)] : []),
    ...b.legs.filter((l) => l.verdict !== 'goes').map((l) => `${l.name}: ${render(l.says, project.unit)}`),
    ...(b.place.verdict === 'goes' ? [] : [render(b.place.says, project.unit)]),
];
</script>

<template>
    <section class="tape-paper" aria-label="the way in">
        <div class="what">The way in</div>
        <p v-if="looking" class="soft">Looking for a way…</p>
        <p v-else-if="!boxes.length" class="soft">No box is carried as a whole.</p>
        <div v-for="({ piece, box }, i) in boxes" :key="i" class="box" :class="box.verdict">
            <b>{{ piece }}, {{ render(box.name, project.unit) }}: {{ says[box.verdict] }}</b>
            <p v-for="(h, n) in hard(box)" :key="n">{{ capitalised(h) }}</p>
            <p v-if="box.split">{{ capitalised(render(box.split, project.unit)) }}</p>
            <p v-if="box.verdict === 'cannot'">Leave it unassembled: put it together where it stands.</p>
        </div>
    </section>
    <section class="bears">
        <div class="ch">
            <span>Pairs of hands</span>
            <Stepper
                label="pairs of hands"
                :value="project.document!.make?.hands ?? 1"
                :least="1"
                :most="6"
                @less="guarded(project.set(['make', 'hands'], (project.document!.make?.hands ?? 1) - 1))"
                @more="guarded(project.set(['make', 'hands'], (project.document!.make?.hands ?? 1) + 1))"
            />
        </div>
        <LengthRow
            title="Car, length inside"
            :value="project.document!.workshop.car_length"
            :path="['workshop', 'car_length']"
            placeholder="not said"
        />
        <LengthRow
            title="Car, width inside"
            :value="project.document!.workshop.car_width"
            :path="['workshop', 'car_width']"
            placeholder="not said"
        />
        <div class="ch">
            <span>Car bears, kg</span>
            <NumberField
                :value="project.document!.workshop.car_kg ?? null"
                :least="10"
                :most="5000"
                label="car bears"
                placeholder="not said"
                @keep="(v) => guarded(project.set(['workshop', 'car_kg'], v))"
            />
        </div>
    </section>
</template>

<style scoped>
.box {
    margin-top: 8px;
    padding-left: 8px;
    border-left: 3px solid var(--rule);
    font-size: 13px;
}
.box.goes_if,
.box.not_found {
    border-color: var(--ochre);
}
.box.cannot {
    border-color: var(--brick);
}
p {
    margin: 2px 0;
    font-size: 12.5px;
}
</style>
