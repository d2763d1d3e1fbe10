<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { useToast } from 'primevue/usetoast';
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { readLength, type Unit } from '../measure/read';
import { readDegrees } from '../measure/degrees';
import { also, lossless } from '../measure/show';
import { say } from '../measure/say';

/** A length as people say it. Shows what it understood in both units; keeps what cannot be read, and says why. */
const props = defineProps<{
    modelValue: number | null;
    unit: Unit;
    label: string;
    /** Sends the length on; a refusal it rejects with is shown here. */
    keep: (mm: number, typed: string) => Promise<unknown>;
    eager?: boolean;
    placeholder?: string;
    /** An angle is asked, in degrees; then `modelValue` and what is kept are degrees. */
    degrees?: boolean;
}>();
const emit = defineEmits<{ next: []; back: []; leave: [] }>();

const field = ref<{ $el: HTMLInputElement } | null>(null);
const typed = ref('');
const refusal = ref('');
const editing = ref(false);
const toast = useToast();
let sending = false;
/** What was last kept: the blur that comes before its echo does not send it again. */
let kept = '';
let gone = false;
const initial = computed(() => {
    if (props.modelValue === null) return '';
    return props.degrees ? String(props.modelValue) : lossless(props.modelValue, props.unit);
});

watch(initial, (text) => !editing.value && !refusal.value && (typed.value = text), { immediate: true });
onMounted(() => props.eager && void nextTick(() => { field.value?.$el.focus(); field.value?.$el.select(); })); // prettier-ignore

const understood = computed(() => {
    if (!editing.value || typed.value.trim() === '' || typed.value === initial.value) return null;
    try {
        if (props.degrees) return { ok: true, text: `= ${readDegrees(typed.value)}°` };
        const read = readLength(typed.value, props.unit);
        const notes = read.notes.includes('fraction_as_inches') ? say(', read as inches') : '';
        return {
            ok: true,
            text: `= ${lossless(read.mm, props.unit)} ${props.unit} · ${also(read.mm, props.unit)}${read.exact ? '' : ', rounded'}${notes}`,
        };
    } catch (error) {
        return { ok: false, text: error instanceof Error ? error.message : String(error) };
    }
});

async function commit(then?: 'next' | 'back'): Promise<void> {
    // Enter and the blur that follows it are one wish.
    if (sending) return;
    if (typed.value.trim() !== '' && typed.value !== initial.value && typed.value !== kept) {
        sending = true;
        try {
            const value = props.degrees ? readDegrees(typed.value) : readLength(typed.value, props.unit).mm;
            refusal.value = '';
            await props.keep(value, typed.value.trim());
            kept = typed.value;
        } catch (error) {
            // What was typed stays in the field, with the reason under it.
            refusal.value = error instanceof Error ? error.message : String(error);
            if (gone) sayElsewhere();
            return;
        } finally {
            sending = false;
        }
    }
    editing.value = false;
    refusal.value = '';
    typed.value = initial.value;
    if (then === 'next') emit('next');
    if (then === 'back') emit('back');
}

/** The field has closed with something refused in it: it is said where it can still be read. */
function sayElsewhere(): void {
    toast.add({ severity: 'error', summary: say('{0}: “{1}” was not kept', props.label, typed.value), detail: refusal.value, life: 12000 });
}

onBeforeUnmount(() => {
    gone = true;
    if (refusal.value) sayElsewhere();
});

function giveUp(): void {
    typed.value = initial.value;
    refusal.value = '';
    editing.value = false;
    emit('leave');
}
</script>

<template>
    <span class="length-field" :class="{ bad: refusal }">
        <span class="row">
            <InputText
                ref="field"
                v-model="typed"
                :aria-label="label"
                :aria-invalid="!!refusal"
                :placeholder="placeholder"
                :invalid="!!refusal"
                autocomplete="off"
                inputmode="text"
                @focus="editing = true"
                @input="
                    refusal = '';
                    kept = '';
                    editing = true;
                "
                @keydown.enter.prevent.stop="commit($event.shiftKey ? 'back' : 'next')"
                @keydown.esc.stop="giveUp"
                @blur="commit()"
            />
            <span class="unit">{{ degrees ? '°' : unit }}</span>
        </span>
        <span v-if="refusal" class="echo refused" role="alert">{{ refusal }}</span>
        <span v-else-if="understood" class="echo" :class="{ refused: !understood.ok }">{{ understood.text }}</span>
    </span>
</template>

<style scoped>
.length-field {
    position: relative;
    display: inline-block;
    max-width: 100%;
}
.row {
    display: flex;
    align-items: center;
    gap: 5px;
}
.row :deep(input) {
    width: 104px;
}
.unit {
    color: var(--soft);
    font-size: 12px;
}
.echo {
    position: absolute;
    top: 100%;
    left: 0;
    z-index: 5;
    margin-top: 3px;
    padding: 3px 7px;
    width: max-content;
    max-width: 270px;
    background: var(--ink);
    color: var(--sheet);
    font-size: 12px;
    border-radius: 2px;
    line-height: 1.3;
    text-align: left;
}
.echo.refused {
    background: var(--brick);
    color: #fff;
}
.dark .echo.refused {
    color: #1b1e21;
}
</style>
