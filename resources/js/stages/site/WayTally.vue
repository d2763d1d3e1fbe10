<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed, ref } from 'vue';
import type { WayPart } from '../../api/plan';
import { show, showWithUnit } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import LengthRow from '../../ui/LengthRow.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import TextRow from '../../ui/TextRow.vue';
import TallyFigure from '../../ui/TallyFigure.vue';

/** The way from the workshop to the place: every door, passage and turn, with what can be taken off. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const kinds = (['door', 'corridor', 'corner', 'stair', 'stair_turn', 'room'] as const).map((kind) => ({
    kind,
    label: render({ key: `way.kind.${kind}`, args: {} }, 'mm'),
}));
const adding = ref<WayPart['kind']>('door');

const way = computed(() => project.plan!.way_in);
const here = computed(() => way.value.segments.find((s) => `way/${s.id}` === picked.value) ?? null);
const named = (id: string | null): WayPart | null => way.value.segments.find((s) => s.id === id) ?? null;
const turns = (kind: WayPart['kind']): boolean => kind === 'corner' || kind === 'stair_turn';
const path = (key: string): string[] => ['way_in', here.value!.id, key];

async function add(): Promise<void> {
    const id = ulid();
    const inches = project.documentUnit === 'in';
    const size = inches ? { width: 762, height: 1981.2 } : { width: 760, height: 1980 };
    const label = kinds.find((k) => k.kind === adding.value)!.label;
    const value = { order: `m${String(way.value.segments.length).padStart(3, '0')}`, kind: adding.value, name: label, ...size };
    const op = { op: 'add' as const, path: ['way_in', id], value: turns(adding.value) ? { ...value, into: size.width } : value };
    if (await guarded(project.change(op))) picked.value = `way/${id}`;
}

function remove(): void {
    const { id } = here.value!;
    picked.value = null;
    void guarded(project.change({ op: 'remove', path: ['way_in', id] }));
}
</script>

<template>
    <aside class="tally" aria-label="tally">
        <template v-if="here">
            <TallyFigure :name="`${here.name}: clear width`" :figure="here.clear" :unit="project.unit" />
            <TallyFigure v-if="here.longest" name="longest box round it" :figure="here.longest" :unit="project.unit" />
        </template>
        <section v-else class="tape-paper">
            <div class="what">The way in</div>
            <template v-if="named(way.narrowest)">
                <div class="big">
                    {{ show(named(way.narrowest)!.clear.mm, project.unit) }}<small>narrowest: {{ named(way.narrowest)!.name }}</small>
                </div>
                <p class="soft">
                    Lowest: {{ named(way.lowest)!.name }}, {{ showWithUnit(named(way.lowest)!.height, project.unit) }}. What is built must
                    pass here, lying or standing.
                </p>
            </template>
            <p v-else class="soft">
                Nothing yet. Walk from the workshop to the place: doors, passages, turns, stairs, the ceiling and lamps on the way.
            </p>
        </section>
        <section class="bears">
            <template v-if="here">
                <h4>{{ render({ key: `way.kind.${here.kind}`, args: {} }, project.unit) }}</h4>
                <TextRow needed title="name" label="name of the stretch" :value="here.name" :path="path('name')" />
                <LengthRow title="clear width" :value="here.width" :path="path('width')" />
                <LengthRow title="least height" :value="here.height" :path="path('height')" />
                <LengthRow v-if="here.into !== null" title="turning into" :value="here.into" :path="path('into')" />
                <LengthRow title="wider by" :value="here.gain" :path="path('gain')" placeholder="0" />
                <TextRow
                    title="taking off"
                    label="what comes off"
                    :value="here.off"
                    :path="path('off')"
                    placeholder="door leaf"
                    :longest="60"
                />
                <Button label="Remove" size="small" severity="secondary" @click="remove" />
            </template>
            <h4>In walking order</h4>
            <ol class="pick-list">
                <li v-for="s in way.segments" :key="s.id" :class="{ on: `way/${s.id}` === picked }">
                    <button class="linkish" @click="picked = `way/${s.id}`">{{ s.name }}</button>
                    <span>{{ show(s.clear.mm, project.unit) }} × {{ show(s.height, project.unit) }}</span>
                </li>
            </ol>
            <div class="add-row">
                <Select
                    v-model="adding"
                    :options="kinds"
                    option-label="label"
                    option-value="kind"
                    size="small"
                    aria-label="kind of stretch"
                />
                <Button label="Add" size="small" severity="secondary" @click="add" />
            </div>
        </section>
    </aside>
</template>

<style scoped>
.big small {
    display: block;
    margin: 4px 0 0;
}
</style>
