<script setup lang="ts">
import { computed } from 'vue';
import type { Saw, Workshop } from '../../api/document';
import { useProject } from '../../project/store';
import CountField from '../../ui/CountField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import LengthField from '../../ui/LengthField.vue';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';

/** The saws there are and how far each reaches: the plan asks for no cut that none of them makes. */
type Kind = keyof NonNullable<Workshop['saws']>;
type Reach = 'longest_cut' | 'widest_fence' | 'piece_length' | 'piece_width' | 'kerf' | 'tolerance';
const project = useProject();
const guarded = useRefusals();

const kinds: { kind: Kind; name: string; hint: string; asks: [Reach, string][] }[] = [
    { kind: 'guided', name: say('Saw on a rail'), hint: say('a circular saw guided by a rail or a straight edge'), asks: [['longest_cut', say('Longest cut')], ['kerf', say('Kerf')]] },
    { kind: 'table', name: say('Table saw'), hint: say('the fence goes so far; a larger sheet one person does not push'), asks: [['widest_fence', say('Fence goes to')], ['piece_length', say('Pushed: long')], ['piece_width', say('Pushed: wide')], ['kerf', say('Kerf')]] },
    { kind: 'mitre', name: say('Mitre saw'), hint: say('crosses a strip so wide'), asks: [['longest_cut', say('Crosses')], ['kerf', say('Kerf')]] },
    { kind: 'shop', name: say('The shop’s saw'), hint: say('cuts through from edge to edge before you carry it home'), asks: [['tolerance', say('Exact to ±')], ['kerf', say('Kerf')]] },
]; // prettier-ignore
const saws = computed(() => project.document!.workshop.saws ?? {});
const usual: Record<Kind, Saw> = { guided: { longest_cut: 1400 }, table: { widest_fence: 650, piece_length: 1250, piece_width: 650 }, mitre: { longest_cut: 300 }, shop: { stages: 2, cuts: 4, tolerance: 1 } }; // prettier-ignore

const keep = (kind: Kind, saw: Saw | null): Promise<boolean> => {
    const next = Object.fromEntries(Object.entries({ ...saws.value, [kind]: saw }).filter(([, s]) => s));
    return guarded(project.set(['workshop', 'saws'], Object.keys(next).length ? next : null));
};
</script>

<template>
    <p class="soft why">
        {{ Object.keys(saws).length ? 'Every cut is one that these make.' : 'None named: any cut is taken to be possible.' }}
    </p>
    <div v-for="k in kinds" :key="k.kind">
        <label v-tooltip.bottom="k.hint" class="has">
            <input type="checkbox" :checked="!!saws[k.kind]" @change="keep(k.kind, saws[k.kind] ? null : usual[k.kind])" />
            {{ k.name }}
        </label>
        <template v-if="saws[k.kind]">
            <div v-for="[key, title] in k.asks" :key="key" class="ch">
                <span>{{ title }}</span>
                <LengthField
                    :model-value="saws[k.kind]![key] ?? null"
                    :unit="project.documentUnit"
                    :label="`${k.name}: ${title}`"
                    placeholder="no limit"
                    :keep="(mm: number) => keep(k.kind, { ...saws[k.kind], [key]: mm })"
                />
            </div>
            <template v-if="k.kind === 'shop'">
                <div class="ch">
                    <span>Cuts it makes</span>
                    <CountField
                        :value="saws.shop!.cuts ?? 4"
                        :least="1"
                        :most="200"
                        label="cuts the shop makes"
                        @keep="(n) => keep('shop', { ...saws.shop, cuts: n })"
                    />
                </div>
                <div class="ch">
                    <span>Directions</span>
                    <CountField
                        :value="saws.shop!.stages ?? 2"
                        :least="1"
                        :most="3"
                        label="directions the shop cuts in"
                        @keep="(n) => keep('shop', { ...saws.shop, stages: n })"
                    />
                </div>
            </template>
        </template>
    </div>
    <LengthRow
        title="Car takes: long"
        :value="project.document!.workshop.car_length"
        :path="['workshop', 'car_length']"
        placeholder="not known"
    />
    <LengthRow
        title="Car takes: wide"
        :value="project.document!.workshop.car_width"
        :path="['workshop', 'car_width']"
        placeholder="not known"
    />
</template>

<style scoped>
.why {
    font-size: 12.5px;
    margin: 4px 0;
}
.has {
    display: flex;
    gap: 8px;
    align-items: center;
    margin: 8px 0 4px;
    font-size: 13px;
}
</style>
