<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import type { Band, Run, SomeMethods } from '../../api/document';
import { word } from '../../measure/words';
import { inOrder } from '../../project/order';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import { methodChoices } from './methods';
import type { Placed } from './ops';
import { bands as kinds } from './vocabulary';
import { say } from '../../measure/say';

/** One band: its height and depth, whether it shares the uprights below, and where it is built otherwise than the piece. */
const props = defineProps<{ band: Placed<Band>; run: Placed<Run> }>();
const project = useProject();
const guarded = useRefusals();

const band = computed(() => props.band.value);
const kind = computed(() => kinds[band.value.kind]!);
const own = (key: string): string[] => [...props.band.path, key];
const set = (key: string, value: unknown): Promise<boolean> => guarded(project.set(own(key), value));
const stock = computed(() => Object.entries(project.document!.stock).map(([value, m]) => ({ value, label: m.name })));
const below = computed(() => {
    const bands = inOrder(props.run.value.bands);
    return bands[bands.findIndex(([id]) => id === props.band.id) - 1]?.[1];
});
const mayJoin = computed(() => ['box', 'gap'].includes(band.value.kind) && ['box', 'gap'].includes(below.value?.kind ?? ''));
const isBox = computed(() => band.value.kind === 'box');
const methods = computed(() =>
    (['front', 'top', 'bottom', 'joint', 'shelves', 'back'] as const).map((key) => ({ key, choices: methodChoices(key) })),
);
const yesNo = [
    { value: true, label: say('Yes') },
    { value: false, label: say('No') },
];
const method = (key: keyof SomeMethods, value: string): Promise<boolean> =>
    guarded(project.set([...props.band.path, 'methods'], { ...band.value.methods, [key]: value === '' ? undefined : value }));
</script>

<template>
    <div class="card">
        <LengthRow
            v-if="!kind.slab"
            title="Height"
            label="band height"
            :value="band.height"
            :path="own('height')"
            :placeholder="kind.base ? '' : 'what is left'"
        >
            <button v-if="band.height !== undefined && !kind.base" class="linkish" @click="set('height', null)">what is left</button>
        </LengthRow>
        <LengthRow v-if="kind.base" title="Set back" label="band set back" :value="band.set_back" :path="own('set_back')" />
        <LengthRow v-if="!kind.base" title="Depth" label="band depth" :value="band.depth" :path="own('depth')" placeholder="as the run">
            <button v-if="band.depth !== undefined" class="linkish" @click="set('depth', null)">as the run</button>
        </LengthRow>
        <div v-if="isBox && band.depth !== undefined" class="ch">
            <span>Stands</span>
            <Choice
                label="band stands"
                :value="band.against ?? 'wall'"
                :options="[
                    { value: 'wall', label: 'At the wall' },
                    { value: 'front', label: 'At the front', hint: 'room is left behind it' },
                ]"
                @choose="(v) => set('against', v)"
            />
        </div>
        <div v-if="mayJoin" class="ch">
            <span>Shares uprights</span>
            <Choice
                label="shares the uprights below"
                :value="band.joined === true"
                :options="yesNo"
                @choose="(v) => set('joined', v || null)"
            />
        </div>
        <template v-if="kind.slab">
            <LengthRow title="Overhang" label="band overhang" :value="band.overhang ?? 0" :path="own('overhang')" />
            <div class="ch">
                <span>Layers</span>
                <Stepper
                    label="layers"
                    :value="band.layers ?? 1"
                    :least="1"
                    :most="3"
                    @less="set('layers', (band.layers ?? 1) - 1)"
                    @more="set('layers', (band.layers ?? 1) + 1)"
                />
            </div>
            <div class="ch">
                <span v-tooltip.left="'Its ends run past the boxes and are scribed to the walls'">Runs to the walls</span>
                <Choice
                    label="runs to the walls"
                    :value="band.to_walls === true"
                    :options="yesNo"
                    @choose="(v) => set('to_walls', v || null)"
                />
            </div>
            <div class="ch">
                <span>Lids over bays</span>
                <Choice label="lids over the bays" :value="band.lids === true" :options="yesNo" @choose="(v) => set('lids', v || null)" />
            </div>
            <LengthRow title="Cushion" label="cushion thickness" :value="band.cushion" :path="own('cushion')" placeholder="none">
                <button v-if="band.cushion !== undefined" class="linkish" @click="set('cushion', null)">none</button>
            </LengthRow>
        </template>
        <div class="ch">
            <span>Boards</span>
            <Select
                :model-value="band.material ?? null"
                :options="[{ value: null, label: 'As the piece' }, ...stock]"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="band boards"
                @update:model-value="(v) => set('material', v)"
            />
        </div>
        <template v-if="isBox">
            <div v-for="{ key, choices } in methods" :key="key" class="ch">
                <span>{{ word(`method.${key}`) }}</span>
                <Select
                    :model-value="band.methods?.[key] ?? ''"
                    :options="[{ value: '', label: 'As the piece' }, ...choices]"
                    option-label="label"
                    option-value="value"
                    size="small"
                    :aria-label="`${word(`method.${key}`)} of the band`"
                    @update:model-value="(v) => method(key, v)"
                />
            </div>
        </template>
        <button class="linkish" @click="guarded(project.change({ op: 'remove', path: props.band.path }))">Take the band out</button>
    </div>
</template>

<style scoped>
.card {
    padding: 8px 0 6px 10px;
    border-left: 3px solid var(--wood);
    margin: 4px 0;
}
</style>
