<script setup lang="ts" generic="T extends string | boolean">
import SelectButton from 'primevue/selectbutton';

const props = defineProps<{ value: T; options: { value: T; label: string; hint?: string }[]; label: string }>();
const emit = defineEmits<{ choose: [value: T] }>();
const choose = (value: T): void => {
    if (value !== props.value) emit('choose', value);
};
</script>

<template>
    <SelectButton
        :model-value="value"
        :options="options"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="label"
        size="small"
        @update:model-value="choose"
    >
        <template #option="{ option }">
            <span v-tooltip.bottom="option.hint">{{ option.label }}</span>
        </template>
    </SelectButton>
</template>
