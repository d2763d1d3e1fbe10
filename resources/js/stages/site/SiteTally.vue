<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import { also, lossless, show } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import AddReading from './AddReading.vue';
import Instruments from './Instruments.vue';
import { readingRemoved, strikeOf } from './readings';

const project = useProject();
const picked = usePicked();
const guarded = useRefusals();

const walk = computed(() => project.site?.walk ?? []);
const reading = computed(() => walk.value.find((r) => r.id === picked.value) ?? null);
const done = computed(() => walk.value.filter((r) => r.value !== null).length);
const finding = computed(() => project.plan?.findings.find((f) => f.place.ref === reading.value?.id) ?? null);
const next = computed(() => walk.value.find((r) => r.value === null) ?? null);

/** "Left wall leans in 0.16°, right wall 0.07°": what a bevel gauge would be set to. */
const leans = computed(() => {
    const lean = project.site?.lean;
    if (!lean || lean.left === null || lean.right === null) return '';
    const say = (degrees: number): string => `leans ${degrees < 0 ? 'away' : 'in'} ${Math.abs(degrees).toFixed(2)}°`;
    return `The left wall ${say(lean.left)}, the right wall ${say(lean.right)}.`;
});

const help: Record<string, string> = {
    width: 'Tape level, hook on one wall, across to the other. Bend the end into the corner and read it where it lies.',
    height: 'From the floor to the ceiling, a hand’s breadth from the side wall.',
    depth: 'From the back wall out to the front edge of the niche.',
    diagonal: 'Corner to corner of the opening, with a helper. Both diagonals check everything else.',
    plumb: 'Hold a level or plumb line at the lower height and read the gap at the upper one. + leans into the niche, − leans away.',
    level: 'Lay a level across the floor: how much higher the right side is. − when it is lower.',
};

async function remove(): Promise<void> {
    const id = reading.value!.id;
    picked.value = null;
    await guarded(project.change(...strikeOf(walk.value.find((r) => r.id === id)!), readingRemoved(project.space![0], id)));
}
</script>

<template>
    <aside class="tally" aria-label="tally">
        <section v-if="reading" class="tape-paper">
            <div class="what">{{ capitalised(render(reading.name, project.unit)) }}</div>
            <div class="big">
                <template v-if="reading.value !== null"
                    >{{ lossless(reading.value, project.unit) }}<small>{{ project.unit }}</small></template
                >
                <template v-else>–<small>not read yet</small></template>
            </div>
            <div v-if="reading.value !== null" class="alt">
                {{ also(reading.value, project.unit) }}<span class="soft"> · typed “{{ reading.typed }}”</span>
            </div>
            <p class="help soft">{{ help[reading.kind] }}</p>
            <p v-if="finding" class="doubted">{{ render(finding.says, project.unit) }} {{ render(finding.remedy, project.unit) }}</p>
            <p v-else-if="reading.off_by !== null && Math.abs(reading.off_by) >= 0.05" class="help soft">
                Off by {{ show(reading.off_by, project.unit) }} from what all readings together say: within its doubt.
            </p>
            <div class="acts">
                <Button
                    label="Strike out"
                    size="small"
                    severity="secondary"
                    :disabled="reading.value === null"
                    @click="guarded(project.change(...strikeOf(reading!)))"
                />
                <Button label="Remove" size="small" severity="secondary" @click="remove" />
            </div>
        </section>

        <section v-else class="tape-paper">
            <div class="what">Readings taken</div>
            <div class="big">
                {{ done }}<small>of {{ walk.length }}</small>
            </div>
            <p class="help">
                <template v-if="next">
                    Next: the {{ render(next.name, project.unit) }}.
                    <button class="linkish" @click="picked = next!.id">Read it</button>
                </template>
                <template v-else>Everything asked for is read. Pick a number on the drawing to correct it.</template>
            </p>
            <p v-if="leans" class="help">{{ leans }}</p>
            <p v-if="project.site?.doubt" class="help soft">
                Clear width known to ± {{ show(project.site.doubt.now, project.unit) }} {{ project.unit
                }}<template v-if="project.site.doubt.advice"
                    >; the {{ render(project.site.doubt.advice, project.unit) }} would help most</template
                >.
            </p>
        </section>

        <section class="bears">
            <h4>In walking order</h4>
            <ol class="walk">
                <li v-for="r in walk" :key="r.id" :class="{ on: r.id === picked }">
                    <button class="linkish" @click="picked = r.id">{{ capitalised(render(r.name, project.unit)) }}</button>
                    <span class="num">{{ r.value === null ? '–' : lossless(r.value, project.unit) }}</span>
                </li>
            </ol>
            <AddReading />
            <Instruments />
        </section>
    </aside>
</template>

<style scoped>
.help {
    font-size: 13px;
    margin: 8px 0 0;
}
.doubted {
    font-size: 13px;
    margin: 10px 0 0;
    color: var(--ochre-text);
    font-weight: 600;
}
.acts {
    display: flex;
    gap: 8px;
    margin-top: 14px;
}
.walk {
    list-style: none;
    margin: 0 0 14px;
    padding: 0;
    font-size: 13px;
}
.walk li {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    border-bottom: 1px solid var(--rule);
    padding: 2px 0;
}
.walk .on {
    background: var(--chalk-wash);
}
.walk .linkish {
    text-align: left;
    padding: 0;
}
.num {
    white-space: nowrap;
}
</style>
