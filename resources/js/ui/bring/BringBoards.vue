<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import { api, type FoundBoards } from '../../api/client';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import ColumnChoice from './ColumnChoice.vue';
import FromFile from './FromFile.vue';
import { useFound } from './found';
import { say } from '../../measure/say';

/** A list of boards from elsewhere, cut from the same sheets as the piece. */
const emit = defineEmits<{ done: [] }>();
const project = useProject();
const { text, found, trouble, tell, read, column } = useFound<FoundBoards>((text, columns) =>
    api.bringBoards(project.line!.id, text, columns),
);
const stock = computed(() => Object.entries(project.document!.stock));
const ready = computed(() => (found.value?.rows ?? []).filter((r) => r.length !== null && r.width !== null && r.material && !r.trouble));
const boards = computed(() => ready.value.reduce((n, r) => n + r.count, 0));
const wants = [
    { key: 'name', label: say('name') },
    { key: 'length', label: say('length') },
    { key: 'width', label: say('width') },
    { key: 'count', label: say('how many') },
    { key: 'material', label: say('material') },
    { key: 'thickness', label: say('thickness') },
    { key: 'grain', label: say('grain') },
];
const asks: Readonly<Record<string, string>> = { length: say('the length'), width: say('the width') };
const take = (): Promise<boolean> =>
    tell(async () => {
        await project.change(
            ...ready.value.map((r, i) => ({
                op: 'set' as const,
                path: ['loose', ulid()],
                value: {
                    order: String(i).padStart(3, '0'),
                    name: r.name,
                    material: r.material!,
                    length: r.length!,
                    width: r.width!,
                    ...(r.count > 1 ? { count: r.count } : {}),
                    ...(r.grain ? {} : { grain: false }),
                },
            })),
        );
        emit('done');
    });
</script>

<template>
    <p>
        A cut list made elsewhere, or parts of another job: they are laid on the same sheets, and get marks, labels and cuts like all
        others. The first line may say what the columns are.
    </p>
    <FromFile
        v-model="text"
        label="boards"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        :example="'name, qty, length, width, material\nJig base, 2, 600, 250, Birch ply 18'"
    />
    <div class="row"><Button label="Read it" size="small" severity="secondary" :disabled="!text.trim()" @click="read" /></div>
    <ul v-if="trouble.length" role="alert">
        <li v-for="t in trouble" :key="t" class="bad">{{ t }}</li>
    </ul>
    <template v-if="found">
        <ColumnChoice :titles="found.titles" :columns="found.columns" :wants="wants" @columns="column" />
        <p v-if="found.missing.length" role="status">Say which column is {{ found.missing.map((m) => asks[m] ?? m).join(' and ') }}.</p>
        <div class="found">
            <table v-if="found.rows.length" aria-label="boards found">
                <thead>
                    <tr>
                        <th>Line</th>
                        <th>Board</th>
                        <th class="n">How many</th>
                        <th class="n">Length × width, {{ project.unit }}</th>
                        <th>From</th>
                        <th>Grain</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="r in found.rows" :key="r.line">
                        <td>{{ r.line }}</td>
                        <td>{{ r.name }}</td>
                        <td class="n">{{ r.count }}</td>
                        <td class="n">
                            <span v-if="r.trouble" class="bad">left out: {{ r.trouble }}</span>
                            <template v-else>{{ show(r.length!, project.unit) }} × {{ show(r.width!, project.unit) }}</template>
                        </td>
                        <td>
                            <select v-model="r.material" :aria-label="`material of line ${r.line}`">
                                <option :value="null">say which</option>
                                <option v-for="[id, m] in stock" :key="id" :value="id">{{ m.name }}</option>
                            </select>
                        </td>
                        <td>{{ r.grain ? 'kept' : 'free' }}</td>
                    </tr>
                </tbody>
            </table>
        </div>
        <div class="row">
            <Button :label="`Add ${boards} ${boards === 1 ? 'board' : 'boards'}`" :disabled="!ready.length" @click="take" />
        </div>
    </template>
</template>

<style scoped src="./bring.css"></style>
