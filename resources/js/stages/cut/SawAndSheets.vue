<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import Select from 'primevue/select';
import { useToast } from 'primevue/usetoast';
import { computed } from 'vue';
import { api } from '../../api/client';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import Choice from '../../ui/Choice.vue';
import LengthRow from '../../ui/LengthRow.vue';
import PriceRow from '../../ui/PriceRow.vue';
import { useRefusals } from '../../ui/refusals';
import Fold from '../../ui/Fold.vue';
import LengthField from '../../ui/LengthField.vue';
import CountField from '../../ui/CountField.vue';
import SawsInHand from './SawsInHand.vue';
import Sizes from './Sizes.vue';
import type { Material } from '../../api/document';
import { say } from '../../measure/say';

/** What the saw takes and what the shop sells: kept in the project, so that its plan stays its plan. */
const project = useProject();
const guarded = useRefusals();

const workshop = computed(() => project.document!.workshop);
const stock = computed(() => Object.entries(project.document!.stock).sort(([, a], [, b]) => ((a.order ?? '') < (b.order ?? '') ? -1 : 1)));
const toast = useToast();

/** A further material begins as a copy of the last, to be given its own name and sizes. */
const add = (): Promise<boolean> => {
    const [, last] = stock.value.at(-1)!;
    return guarded(
        project.change({
            op: 'add',
            path: ['stock', ulid()],
            value: { ...last, name: `${last.name}, other`, order: `${last.order ?? ''}m` },
        }),
    );
};

/** From now on new projects begin with this saw, these instruments and these sheets. */
async function keepAsMine(): Promise<void> {
    // What is in hand is in hand once, for this project.
    const sold = (m: Material): Material['sizes'] => Object.fromEntries(Object.entries(m.sizes ?? {}).filter(([, s]) => !s.in_hand));
    const sheets = stock.value.map(([, m]) => (m.sizes ? { ...m, sizes: sold(m) } : m));
    if (await guarded(api.keepProfile({ workshop: workshop.value, sheets }))) {
        toast.add({
            severity: 'success',
            summary: say('Kept'),
            detail: say('New projects begin with this saw, these instruments and sheets.'),
            life: 5000,
        });
    }
}
const edges = [
    { key: 'left', label: say('Trim, left end') },
    { key: 'right', label: say('Trim, right end') },
    { key: 'near', label: say('Trim, upper edge') },
    { key: 'far', label: say('Trim, lower edge') },
] as const;
const trimmed = (id: string, m: Material, edge: string, mm: number): Promise<void> =>
    project.set(['stock', id, 'trims'], { ...m.trims, [edge]: mm });
const kinds = ['birch_ply', 'softwood_ply', 'fibreboard', 'particleboard', 'pine', 'poplar', 'maple'].map((value) => ({
    value,
    label: word(`made_of.${value}`),
}));
const router = [
    { key: 'router_base', label: say('Router base'), usual: 150 },
    { key: 'router_bit', label: say('Router bit'), usual: 12 },
] as const;
const saw = [
    { key: 'kerf', label: say('Kerf') },
    { key: 'trim', label: say('Trim each edge') },
    { key: 'banding', label: say('Banding') },
] as const;
const sheet = [
    { key: 'nominal', label: say('Sold as') },
    { key: 'thickness', label: say('Measured at') },
    { key: 'sheet_length', label: say('Length') },
    { key: 'sheet_width', label: say('Width') },
] as const;
</script>

<template>
    <section class="bears">
        <h4>Saw</h4>
        <LengthRow v-for="f in saw" :key="f.key" :title="f.label" :value="workshop[f.key]" :path="['workshop', f.key]" />
        <LengthRow v-for="f in router" :key="f.key" :title="f.label" :value="workshop[f.key] ?? f.usual" :path="['workshop', f.key]" />
        <Fold title="Saws and how far they reach"><SawsInHand /></Fold>
        <template v-for="[id, m] in stock" :key="id">
            <InputText
                class="name"
                :model-value="m.name"
                size="small"
                maxlength="120"
                aria-label="material’s name"
                @change="(e: Event) => guarded(project.set(['stock', id, 'name'], (e.target as HTMLInputElement).value))"
            />
            <LengthRow
                v-for="f in sheet"
                :key="f.key"
                :title="f.label"
                :label="`${m.name}: ${f.label}`"
                :value="m[f.key]"
                :path="['stock', id, f.key]"
                placeholder="as measured"
            />
            <div class="ch">
                <span>Grain</span>
                <Choice
                    :label="`${m.name}: grain`"
                    :value="m.grain"
                    :options="[
                        { value: true, label: 'Kept' },
                        { value: false, label: 'Free' },
                    ]"
                    @choose="(v) => guarded(project.set(['stock', id, 'grain'], v))"
                />
            </div>
            <div class="ch">
                <span>Made of</span>
                <Select
                    :model-value="m.made_of ?? 'birch_ply'"
                    :options="kinds"
                    option-label="label"
                    option-value="value"
                    size="small"
                    :aria-label="`${m.name}: made of`"
                    @update:model-value="(v: string) => guarded(project.set(['stock', id, 'made_of'], v))"
                />
            </div>
            <PriceRow title="Price a sheet" :label="`${m.name}: price`" :cents="m.price_cents" :path="['stock', id, 'price_cents']" />
            <Fold
                :title="m.sizes || m.trims || m.limit ? 'Other sizes, pieces in hand, trims: in use' : 'Other sizes, pieces in hand, trims'"
            >
                <Sizes :id="id" :material="m" />
                <div v-for="e in edges" :key="e.key" class="ch">
                    <span>{{ e.label }}</span>
                    <LengthField
                        :model-value="m.trims?.[e.key] ?? null"
                        :unit="project.documentUnit"
                        :label="`${m.name}: ${e.label}`"
                        placeholder="as above"
                        :keep="(mm: number) => trimmed(id, m, e.key, mm)"
                    />
                </div>
                <div class="ch">
                    <span>Whole sheets to be had</span>
                    <CountField
                        :value="m.limit ?? 999"
                        :least="0"
                        :most="999"
                        :label="`${m.name}: sheets to be had`"
                        @keep="(n) => guarded(project.set(['stock', id, 'limit'], n === 999 ? null : n))"
                    />
                </div>
            </Fold>
        </template>
        <div class="acts">
            <Button label="One more material" size="small" severity="secondary" @click="add" />
            <Button label="Keep as mine" size="small" severity="secondary" @click="keepAsMine" />
        </div>
    </section>
</template>

<style scoped>
.name {
    width: 100%;
    margin: 14px 0 8px;
    font-weight: 600;
}
.acts {
    display: flex;
    gap: 8px;
    margin-top: 12px;
}
</style>
