<script setup lang="ts">
import { computed, nextTick, watch } from 'vue';
import { read } from '../../measure/show';
import { say } from '../../measure/say';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import { again } from '../../project/entry';
import { usePicked } from '../../ui/picked';
import AddReading from './AddReading.vue';
import Instruments from './Instruments.vue';
import ReadingCard from './ReadingCard.vue';
import SpaceChoices from './SpaceChoices.vue';
import SurveySummary from './SurveySummary.vue';
import TheHouse from './TheHouse.vue';
import ThingCard from './ThingCard.vue';
import ThingsList from './ThingsList.vue';
import UsableBox from './UsableBox.vue';
import WallBuild from './WallBuild.vue';

const project = useProject();
const picked = usePicked();
// What is picked is shown at once, however far the lists below were scrolled.
watch(picked, () => document.querySelector('.tally')?.scrollTo({ top: 0 }));
const walk = computed(() => project.site?.walk ?? []);
/** Picked once more its field is there to type in again. */
async function pick(id: string): Promise<void> {
    if (picked.value === id) {
        picked.value = null;
        await nextTick();
    }
    picked.value = id;
}
const reading = computed(() => walk.value.find((r) => r.id === picked.value) ?? null);
const thing = computed(() => project.site?.things.find((t) => t.id === picked.value) ?? null);
</script>

<template>
    <aside class="tally" aria-label="tally">
        <ReadingCard v-if="reading" :reading="reading" />
        <ThingCard v-else-if="thing" :key="thing.id" :placed="thing" />
        <SurveySummary v-else />
        <section class="bears">
            <h4>In walking order</h4>
            <ol class="pick-list">
                <li v-for="r in walk" :key="r.id" :class="{ on: r.id === picked }">
                    <button class="linkish" @click="pick(r.id)">{{ capitalised(render(r.name, project.unit)) }}</button>
                    <span class="num">{{
                        again && r.id === picked ? '?' : read(r, project.unit, r.unreached === null ? '–' : say('not reached'))
                    }}</span>
                </li>
            </ol>
            <AddReading />
            <ThingsList />
            <WallBuild />
            <UsableBox />
            <SpaceChoices />
            <TheHouse />
            <Instruments />
        </section>
    </aside>
</template>
