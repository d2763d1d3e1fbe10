<script setup lang="ts">
import InputNumber from 'primevue/inputnumber';

/** A number typed; it is kept once, when it has changed: Enter is followed by a blur that says the same again. */
const props = defineProps<{
    value: number | null;
    label: string;
    least?: number;
    most?: number;
    decimals?: number;
    fixed?: boolean;
    placeholder?: string;
    suffix?: string;
    narrow?: boolean;
}>();
const emit = defineEmits<{ keep: [value: number | null] }>();
/** Sent and not yet come back. */
let sent: number | null | undefined;
function keep(value: number | null): void {
    if (value === props.value || value === sent) return;
    sent = value;
    emit('keep', value);
    setTimeout(() => (sent = undefined), 1000);
}
</script>

<template>
    <InputNumber
        :input-style="{ width: narrow ? '58px' : '104px' }"
        :model-value="value"
        :min="least ?? 0"
        :max="most ?? 999999"
        :min-fraction-digits="fixed ? (decimals ?? 0) : 0"
        :max-fraction-digits="decimals ?? 0"
        :placeholder="placeholder ?? ''"
        :suffix="suffix ?? ''"
        size="small"
        :aria-label="label"
        @update:model-value="keep"
    />
</template>
