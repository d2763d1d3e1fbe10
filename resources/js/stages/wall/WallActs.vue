<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Walked } from '../../api/plan';
import { again, instrument, instrumentOf } from '../../project/entry';
import { instrumentsFor, isRead, type With } from '../../project/readings';

/** Back, skip, out of reach, again, note, photo, and with what it is read. */
const props = defineProps<{ reading: Walked; first: boolean; last: boolean }>();
const emit = defineEmits<{ back: []; skip: []; reach: []; note: [text: string]; photo: [file: File] }>();
const noting = ref(false);
const text = ref('');
const instruments = computed(() => instrumentsFor(props.reading.kind));

function keepNote(): void {
    if (text.value.trim() !== '') emit('note', text.value.trim());
    text.value = '';
    noting.value = false;
}

function picked(e: Event): void {
    const input = e.target as HTMLInputElement;
    if (input.files?.[0]) emit('photo', input.files[0]);
    input.value = '';
}
</script>

<template>
    <form v-if="noting" class="note" @submit.prevent="keepNote">
        <input v-model="text" aria-label="note" placeholder="Note on this reading" maxlength="500" />
        <button type="submit">Keep</button>
    </form>
    <div v-else class="acts">
        <button :disabled="first" @click="emit('back')">‹ Back</button>
        <button :disabled="last" @click="emit('skip')">Skip ›</button>
        <button
            v-if="!isRead(reading)"
            :class="{ on: reading.unreached !== null }"
            :aria-pressed="reading.unreached !== null"
            @click="emit('reach')"
        >
            Can’t reach
        </button>
        <button v-else :class="{ on: again }" :aria-pressed="again" @click="again = !again">Again</button>
        <button @click="noting = true">Note</button>
        <label class="photo">Photo<input type="file" accept="image/*" capture="environment" aria-label="photo" @change="picked" /></label>
        <select
            v-if="instruments.length > 1"
            :value="instrumentOf(reading.kind)"
            aria-label="read with"
            @change="(e) => (instrument = (e.target as HTMLSelectElement).value as With)"
        >
            <option v-for="i in instruments" :key="i.value" :value="i.value">{{ i.label }}</option>
        </select>
    </div>
</template>

<style scoped>
.acts,
.note {
    display: flex;
    gap: 6px;
    padding: 4px 14px;
}
.acts > *,
.note > * {
    flex: 1 1 auto;
    min-height: 40px;
    border: 1px solid var(--rule);
    border-radius: 4px;
    background: var(--sheet);
    color: var(--chalk);
    font: inherit;
    font-size: 13.5px;
    display: grid;
    place-items: center;
    padding: 0 4px;
}
.acts > :disabled {
    color: var(--soft);
    opacity: 0.5;
}
.acts .on {
    background: var(--chalk);
    color: var(--sheet);
}
select {
    max-width: 84px;
}
.photo input {
    position: absolute;
    width: 1px;
    height: 1px;
    opacity: 0;
}
.note input {
    flex: 1 1 100%;
    color: var(--ink);
    padding: 0 10px;
    font-size: 16px;
}
</style>
