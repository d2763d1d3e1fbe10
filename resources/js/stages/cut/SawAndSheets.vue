<script setup lang="ts">
import InputNumber from 'primevue/inputnumber';
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthField from '../../ui/LengthField.vue';
import { useRefusals } from '../../ui/refusals';

/** What the saw takes and what the shop sells: kept in the project, so that its plan stays its plan. */
const project = useProject();
const guarded = useRefusals();

const workshop = computed(() => project.document!.workshop);
const stock = computed(() => Object.entries(project.document!.stock));
const set = (path: string[], value: unknown): Promise<void> => project.change({ op: 'set', path, value });
const saw = [
    { key: 'kerf', label: 'Kerf' },
    { key: 'trim', label: 'Trim each edge' },
    { key: 'banding', label: 'Banding' },
] as const;
const sheet = [
    { key: 'thickness', label: 'Measured at' },
    { key: 'sheet_length', label: 'Length' },
    { key: 'sheet_width', label: 'Width' },
] as const;
</script>

<template>
    <section class="bears">
        <h4>Saw</h4>
        <div v-for="f in saw" :key="f.key" class="ch">
            <span>{{ f.label }}</span>
            <LengthField
                :model-value="workshop[f.key]"
                :unit="project.documentUnit"
                :label="f.label"
                :keep="(mm) => set(['workshop', f.key], mm)"
            />
        </div>
        <template v-for="[id, m] in stock" :key="id">
            <h4>{{ m.name }}</h4>
            <div v-for="f in sheet" :key="f.key" class="ch">
                <span>{{ f.label }}</span>
                <LengthField
                    :model-value="m[f.key]"
                    :unit="project.documentUnit"
                    :label="`${m.name}: ${f.label}`"
                    :keep="(mm) => set(['stock', id, f.key], mm)"
                />
            </div>
            <div class="ch">
                <span>Grain</span>
                <Choice
                    :label="`${m.name}: grain`"
                    :value="m.grain"
                    :options="[
                        { value: true, label: 'Kept' },
                        { value: false, label: 'Free' },
                    ]"
                    @choose="(v) => guarded(set(['stock', id, 'grain'], v))"
                />
            </div>
            <div class="ch">
                <span>Price a sheet</span>
                <InputNumber
                    :model-value="m.price_cents / 100"
                    :min="0"
                    :max="99999"
                    :min-fraction-digits="2"
                    :max-fraction-digits="2"
                    size="small"
                    :input-props="{ 'aria-label': `${m.name}: price` }"
                    @update:model-value="(v: number | null) => guarded(set(['stock', id, 'price_cents'], Math.round((v ?? 0) * 100)))"
                />
            </div>
        </template>
    </section>
</template>

<style scoped>
.ch :deep(.p-inputnumber-input) {
    width: 104px;
}
</style>
