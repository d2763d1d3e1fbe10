<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { ref, watch } from 'vue';
import { say } from '../measure/say';

/** A whole number typed; what is no number between the bounds is said and put back. */
const props = defineProps<{ value: number; least: number; most: number; label: string }>();
const emit = defineEmits<{ keep: [value: number] }>();
const typed = ref(String(props.value));
const refusal = ref('');
/** Enter is followed by a change of its own: one wish is sent once. */
let sent: number | null = null;
watch(
    () => props.value,
    (now) => {
        typed.value = String(now);
        sent = null;
    },
);

function commit(): void {
    const number = Number(typed.value.trim());
    if (typed.value.trim() === '' || !Number.isInteger(number) || number < props.least || number > props.most) {
        refusal.value = say('“{0}” was not kept; expected a whole number from {1} to {2}.', typed.value, props.least, props.most);
        typed.value = String(props.value);
        return;
    }
    refusal.value = '';
    if (number === props.value || number === sent) return;
    sent = number;
    emit('keep', number);
}
</script>

<template>
    <span>
        <InputText
            v-model="typed"
            class="count"
            inputmode="numeric"
            size="small"
            :aria-label="label"
            @change="commit"
            @keydown.enter="commit"
        />
        <small v-if="refusal" role="alert">{{ refusal }}</small>
    </span>
</template>

<style scoped>
.count {
    width: 104px;
}
small {
    display: block;
    color: var(--brick);
}
</style>
