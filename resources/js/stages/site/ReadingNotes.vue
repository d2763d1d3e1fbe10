<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { ref } from 'vue';
import type { Walked } from '../../api/plan';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { noteOf, struck } from './readings';

/** What was noted about a reading; a note is kept with its time and never erased. */
const props = defineProps<{ reading: Walked }>();
const project = useProject();
const guarded = useRefusals();
const text = ref('');

async function keep(): Promise<void> {
    const said = text.value.trim();
    if (said === '') return;
    if (await guarded(project.change(noteOf(props.reading.id, said, new Date().toISOString())))) text.value = '';
}
</script>

<template>
    <ul v-if="reading.notes.length" class="notes" aria-label="notes">
        <li v-for="n in reading.notes" :key="n.id">
            {{ n.text }}
            <button class="linkish" :aria-label="`strike out the note ${n.text}`" @click="guarded(project.change(struck(n.id)))">
                Strike out
            </button>
        </li>
    </ul>
    <InputText
        v-model="text"
        class="note"
        size="small"
        maxlength="500"
        aria-label="note"
        placeholder="Note: tape over the cable, …"
        @keydown.enter.prevent.stop="keep"
        @blur="keep"
    />
</template>

<style scoped>
.notes {
    list-style: none;
    margin: 10px 0 0;
    padding: 0;
    font-size: 13px;
}
.note {
    margin-top: 8px;
    width: 100%;
}
</style>
