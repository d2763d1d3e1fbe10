<script setup lang="ts">
import Dialog from 'primevue/dialog';
import { ref } from 'vue';
import Choice from '../Choice.vue';
import BringBoards from './BringBoards.vue';
import BringOutlines from './BringOutlines.vue';
import BringReadings from './BringReadings.vue';
import { say } from '../../measure/say';

/** Readings, boards and drawings from elsewhere: read, shown, and taken only when the person says so. */
const shown = defineModel<boolean>({ required: true });
const what = ref('readings');
const views = [
    { value: 'readings', label: say('Readings') },
    { value: 'boards', label: say('Boards') },
    { value: 'outlines', label: say('A drawing (DXF)') },
];
</script>

<template>
    <Dialog v-model:visible="shown" modal header="Bring in" :style="{ width: '860px', maxWidth: '96vw' }">
        <Choice label="what to bring in" :value="what" :options="views" @choose="(v) => (what = v)" />
        <BringReadings v-if="what === 'readings'" @done="shown = false" />
        <BringBoards v-else-if="what === 'boards'" @done="shown = false" />
        <BringOutlines v-else @done="shown = false" />
    </Dialog>
</template>
