<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import { api, type FoundReadings } from '../../api/client';
import type { Operation } from '../../api/client';
import { capitalised, render } from '../../measure/words';
import { takeInstead } from '../../project/readings';
import { useProject } from '../../project/store';
import ColumnChoice from './ColumnChoice.vue';
import FromFile from './FromFile.vue';
import { useFound } from './found';
import { say } from '../../measure/say';

/** Readings typed elsewhere: each line finds its reading by number or name, or is given one here. */
const emit = defineEmits<{ done: [] }>();
const project = useProject();
const { text, found, trouble, tell, read, column } = useFound<FoundReadings>((text, columns) =>
    api.bringReadings(project.line!.id, project.space![0], text, columns),
);
const walk = computed(() => project.site?.walk ?? []);
const ready = computed(() => (found.value?.rows ?? []).filter((r) => r.reading && r.value !== null));
const wants = [
    { key: 'number', label: say('number on the list') },
    { key: 'what', label: say('what was read') },
    { key: 'value', label: say('the size') },
];
const take = (): Promise<boolean> =>
    tell(async () => {
        const at = new Date().toISOString();
        const ops: Operation[] = ready.value.flatMap((r) =>
            takeInstead(
                walk.value.find((w) => w.id === r.reading)!,
                r.value!,
                r.typed.slice(0, 60),
                { at },
            ),
        );
        await project.change(...ops);
        emit('done');
    });
</script>

<template>
    <p>
        Paste what was typed from a sheet of paper, a line a reading, for {{ project.space?.[1].name }}: the number on the measuring list or
        what was read, then the size. Commas, semicolons or tabs between.
    </p>
    <FromFile
        v-model="text"
        label="readings"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        :example="'1; 1048\n2; 1043.5\nHeight at the left; 2391'"
    />
    <div class="row"><Button label="Read it" size="small" severity="secondary" :disabled="!text.trim()" @click="read" /></div>
    <ul v-if="trouble.length" role="alert">
        <li v-for="t in trouble" :key="t" class="bad">{{ t }}</li>
    </ul>
    <template v-if="found">
        <ColumnChoice :titles="found.titles" :columns="found.columns" :wants="wants" @columns="column" />
        <div class="found">
            <table aria-label="readings found">
                <thead>
                    <tr>
                        <th>Line</th>
                        <th>Says</th>
                        <th class="n">Size</th>
                        <th>Is the reading</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="r in found.rows" :key="r.line">
                        <td>{{ r.line }}</td>
                        <td>{{ r.what }}</td>
                        <td class="n">
                            {{ r.typed || 'nothing' }}<span v-if="r.trouble" class="bad">, {{ r.trouble }}</span>
                        </td>
                        <td>
                            <select v-model="r.reading" :aria-label="`reading of line ${r.line}`">
                                <option :value="null">left out</option>
                                <option v-for="w in walk" :key="w.id" :value="w.id">
                                    {{ capitalised(render(w.name, project.unit)) }}
                                </option>
                            </select>
                        </td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div class="row">
            <Button
                :label="`Take ${ready.length} ${ready.length === 1 ? 'reading' : 'readings'}`"
                :disabled="!ready.length"
                @click="take"
            />
            <span class="soft">A number read before is struck, not erased. Undo takes all of it back.</span>
        </div>
    </template>
</template>

<style scoped src="./bring.css"></style>
