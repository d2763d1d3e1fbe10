<script setup lang="ts">
import InputNumber from 'primevue/inputnumber';
import { computed } from 'vue';
import { useProject } from '../project/store';
import LengthField from './LengthField.vue';
import { limitCode, limits, limitSet } from './limits';
import { useRefusals } from './refusals';

/** The limit of a rule, where a person may set their own; nothing for other rules. */
const props = defineProps<{ code: string; open?: boolean }>();
const project = useProject();
const guarded = useRefusals();
const code = computed(() => limitCode(props.code));
const limit = computed(() => limits[code.value]);
const own = computed(() => project.document?.limits?.[code.value]);
const keep = (to: number | null): Promise<void> => project.change(limitSet(project.document!, code.value, to));
</script>

<template>
    <details v-if="limit" class="limit" :open="open || own !== undefined">
        <summary>{{ own === undefined ? 'The usual limit' : 'A limit of your own' }}</summary>
        <LengthField
            v-if="limit.unit === 'length'"
            :model-value="own ?? limit.usual"
            :unit="project.documentUnit"
            label="limit"
            :keep="keep"
        />
        <template v-else>
            <span v-if="limit.unit === 'part_in'">one part in&nbsp;</span>
            <InputNumber
                :model-value="own ?? limit.usual"
                :min="limit.least"
                :max="limit.most"
                :max-fraction-digits="limit.unit === 'kg' ? 1 : 0"
                size="small"
                aria-label="limit"
                @update:model-value="(v: number | null) => v !== null && guarded(keep(v))"
            />
            <span v-if="limit.unit === 'kg'">&nbsp;kg</span>
        </template>
        <button v-if="own !== undefined" class="linkish" @click="guarded(keep(null))">Back to the usual one</button>
    </details>
</template>

<style scoped>
.limit {
    margin-top: 4px;
    color: var(--soft);
}
summary {
    cursor: pointer;
}
.limit :deep(.p-inputnumber-input) {
    width: 90px;
}
.limit[open] {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
}
</style>
