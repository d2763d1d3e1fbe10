<script setup lang="ts">
import InputNumber from 'primevue/inputnumber';
import Select from 'primevue/select';
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';

/** What of the house, and of who lives in it, bears on what is safe and usual: the same for every space. */
const project = useProject();
const guarded = useRefusals();
const house = computed(() => project.document!.house ?? {});
const set = (key: string, value: unknown): Promise<boolean> =>
    guarded(project.document!.house ? project.set(['house', key], value) : project.set(['house'], { [key]: value }));
const countries = [
    { value: 'none', label: say('Not said: the stricter') },
    { value: 'us', label: say('United States') },
    { value: 'uk', label: say('United Kingdom') },
    { value: 'eu', label: say('Elsewhere in Europe') },
    { value: 'other', label: say('Somewhere else') },
];
const yesNo = [
    { value: false, label: say('No') },
    { value: true, label: say('Yes') },
];
</script>

<template>
    <Fold title="The house">
        <div class="ch">
            <span>usual rules of</span>
            <Select
                :model-value="house.country ?? 'none'"
                :options="countries"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="whose usual rules"
                @update:model-value="(v: string) => set('country', v === 'none' ? null : v)"
            />
        </div>
        <div class="ch">
            <span>built in</span>
            <InputNumber
                :model-value="house.built ?? null"
                :min="1500"
                :max="2100"
                :use-grouping="false"
                placeholder="year, if known"
                size="small"
                aria-label="year the house was built"
                @update:model-value="(v: number | null) => set('built', v)"
            />
        </div>
        <p v-if="!house.built" class="soft note">While it is not known, old paint and boards are not spoken of.</p>
        <div class="ch">
            <span>children live here</span>
            <Choice label="children live here" :value="house.children ?? false" :options="yesNo" @choose="(v) => set('children', v)" />
        </div>
        <div class="ch">
            <span>rented</span>
            <Choice label="the house is rented" :value="house.rented ?? false" :options="yesNo" @choose="(v) => set('rented', v)" />
        </div>
    </Fold>
</template>

<style scoped>
.ch :deep(.p-inputnumber-input) {
    width: 130px;
}
.note {
    font-size: 12.5px;
    margin: 0 0 6px;
}
</style>
