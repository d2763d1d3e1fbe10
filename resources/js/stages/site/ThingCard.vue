<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed } from 'vue';
import type { Thing } from '../../api/document';
import type { PlacedThing } from '../../api/plan';
import { show } from '../../measure/show';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import FindingsOf from '../../ui/FindingsOf.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import ThingProfile from './ThingProfile.vue';
import { thingFields, word } from './things';
import VentNumbers from './VentNumbers.vue';

/** The picked thing: what is done about it, whom to ask, and its numbers. */
const props = defineProps<{ placed: PlacedThing }>();
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();

const thing = computed<Thing | undefined>(() => project.space![1].things?.[props.placed.id]);
const path = (key: string): string[] => ['spaces', project.space![0], 'things', props.placed.id, key];
const set = (key: string, value: unknown): Promise<boolean> => guarded(project.set(path(key), value));
const mouldings: readonly string[] = ['baseboard', 'shoe', 'sill', 'window_trim', 'door_trim'];
const name = computed(() => render(props.placed.name, project.unit));
const fields = computed(() => (thing.value ? thingFields(thing.value) : []));
const faces = computed(() => props.placed.faces.map((value) => ({ value, label: word(`face.${value}`) })));
const authority = computed(() => word(`authority.${props.placed.defer_to}`));

async function remove(): Promise<void> {
    picked.value = null;
    await guarded(project.change({ op: 'remove', path: path('').slice(0, -1) }));
}
</script>

<template>
    <template v-if="thing">
        <section class="tape-paper">
            <div class="what">
                {{ capitalised(word(`thing.${thing.kind}`)) }}<template v-if="placed.must_reach">, to stay reachable</template>
            </div>
            <div class="big small">{{ capitalised(name) }}</div>
            <FindingsOf :refs="[placed.id]" />
            <h4>What is done about it</h4>
            <div class="treatments" role="radiogroup" aria-label="treatment">
                <label v-for="t in placed.treatments" :key="t" :class="{ on: t === placed.treatment }">
                    <input type="radio" name="treatment" :value="t" :checked="t === placed.treatment" @change="set('treatment', t)" />
                    <b>{{ word(`treatment.${t}`) }}</b>
                    <span class="soft">{{ word(`treatment.${t}.hint`) }}</span>
                </label>
            </div>
            <p v-if="placed.treatment === 'notch' && placed.notch > 0" class="help">
                Leave {{ show(placed.notch, project.unit) }} around it in a notch.
            </p>
            <p class="caution">{{ word(`thing.${thing.kind}.caution`, project.unit) }}</p>
            <p v-if="authority" class="help soft">{{ capitalised(authority) }}.</p>
        </section>
        <section class="bears">
            <TextRow
                title="called"
                label="name of the thing"
                :value="thing.name"
                :path="path('name')"
                :placeholder="word(`thing.${thing.kind}`)"
            />
            <div class="ch">
                <span>sits on</span>
                <Select
                    :model-value="thing.face"
                    :options="faces"
                    option-label="label"
                    option-value="value"
                    size="small"
                    aria-label="sits on"
                    @update:model-value="(v: string) => set('face', v)"
                />
            </div>
            <LengthRow v-for="f in fields" :key="f.key" :title="f.label" :value="thing[f.key]" :path="path(f.key)" />
            <div v-if="thing.face === 'back' || thing.face === 'opening'" class="ch">
                <span>measured</span>
                <Choice
                    label="measured from"
                    :value="thing.from_right ?? false"
                    :options="[
                        { value: false, label: 'From the left' },
                        { value: true, label: 'From the right' },
                    ]"
                    @choose="(v) => set('from_right', v)"
                />
            </div>
            <div v-if="thing.kind === 'door' || thing.kind === 'appliance'" class="ch">
                <span>hinges</span>
                <Choice
                    label="hinges"
                    :value="thing.hinge ?? 'left'"
                    :options="[
                        { value: 'left', label: 'Left' },
                        { value: 'right', label: 'Right' },
                    ]"
                    @choose="(v) => set('hinge', v)"
                />
            </div>
            <LengthRow
                v-if="placed.must_reach || placed.away > 0"
                title="clear before it"
                :value="thing.reach"
                :path="path('reach')"
                :placeholder="placed.away ? show(placed.away, project.unit) : '0'"
            />
            <TextRow title="note" label="note about the thing" :value="thing.note" :path="path('note')" :longest="500" />
            <VentNumbers
                v-if="thing.kind === 'vent' || thing.kind === 'return_grille'"
                :thing="thing"
                :usual="placed.usual_free_area_cm2"
                @set="(key, value) => set(key, value)"
            />
            <ThingProfile v-if="mouldings.includes(thing.kind)" :thing="thing" :path="path('').slice(0, -1)" />
            <Button label="Remove" size="small" severity="secondary" @click="remove" />
        </section>
    </template>
</template>

<style scoped>
.big.small {
    font-size: 24px;
}
.treatments {
    display: grid;
    gap: 4px;
}
.treatments label {
    display: grid;
    grid-template-columns: 18px minmax(0, 1fr);
    column-gap: 4px;
    padding: 4px;
    border: 1px solid transparent;
    border-radius: 3px;
    font-size: 13px;
    cursor: pointer;
}
.treatments .on {
    border-color: var(--chalk);
    background: var(--chalk-wash);
}
.treatments input {
    grid-row: 1 / 3;
    margin: 3px 0 0;
}
.treatments .soft {
    font-size: 12px;
}
.caution {
    font-size: 13px;
    margin: 12px 0 0;
    padding-left: 10px;
    border-left: 3px solid var(--ochre);
}
.help {
    font-size: 12.5px;
    margin: 8px 0 0;
}
</style>
