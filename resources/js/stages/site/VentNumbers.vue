<script setup lang="ts">
import InputNumber from 'primevue/inputnumber';
import type { Thing } from '../../api/document';
import Choice from '../../ui/Choice.vue';

/** How much air a vent lets through, and which way. */
defineProps<{ thing: Thing; usual: number | null }>();
const emit = defineEmits<{ set: [key: string, value: unknown] }>();
const ways = (['out', 'up', 'down', 'left', 'right'] as const).map((value) => ({ value, label: value }));
</script>

<template>
    <div class="ch">
        <span>free area</span>
        <span class="area">
            <InputNumber
                :model-value="thing.free_area_cm2 ?? null"
                :min="0"
                :max="100000"
                :max-fraction-digits="1"
                :placeholder="`about ${usual}`"
                size="small"
                input-id="free-area"
                aria-label="free area in square centimetres"
                @update:model-value="(v: number | null) => emit('set', 'free_area_cm2', v)"
            />
            cm²
        </span>
    </div>
    <div class="ch">
        <span>air goes</span>
        <Choice label="air goes" :value="thing.flow ?? 'out'" :options="ways" @choose="(v) => emit('set', 'flow', v)" />
    </div>
</template>

<style scoped>
.area {
    display: flex;
    align-items: center;
    gap: 5px;
    font-size: 12px;
}
.area :deep(input) {
    width: 104px;
}
</style>
