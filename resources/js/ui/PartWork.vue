<script setup lang="ts">
import { computed } from 'vue';
import type { Part } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import { word } from '../measure/words';

/** What is done to a part besides cutting it to length and width: its corners where it is no rectangle, bevels, what is taken out. */
const props = defineProps<{ part: Part; unit: Unit }>();
const mm = (value: number): string => show(value, props.unit);
const taken = computed(() => [...props.part.taken].sort((a, b) => a.along - b.along));
</script>

<template>
    <div v-if="part.outline || part.bevels.length || taken.length" class="work">
        <p v-if="part.outline">
            No rectangle. Its corners, along and across from the lower rear one as it stands:
            <b v-for="([along, across], i) in part.outline" :key="i"
                >{{ mm(along!) }} × {{ mm(across!) }}{{ i < part.outline.length - 1 ? ', ' : '.' }}</b
            >
        </p>
        <p v-if="part.bevels.length">
            Bevelled from square: {{ part.bevels.map((b) => `${b.toFixed(1)}°`).join(' and ') }}. The size is to the long points.
        </p>
        <table v-if="taken.length">
            <thead>
                <tr>
                    <th>{{ part.taken.length }} taken out</th>
                    <th>along</th>
                    <th>across</th>
                    <th>size</th>
                    <th>deep</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(t, i) in taken" :key="i">
                    <td>{{ word(`taken.${t.kind}`) }}</td>
                    <td>{{ mm(t.along) }}</td>
                    <td>{{ mm(t.across) }}</td>
                    <td>{{ mm(t.length) }} × {{ mm(t.width) }}</td>
                    <td>{{ mm(t.depth) }}</td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style scoped>
.work {
    margin-top: 12px;
    padding-top: 8px;
    border-top: 1px solid var(--ink);
    font-size: 12.5px;
}
p {
    margin: 0 0 8px;
}
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 11.5px;
}
th {
    font-weight: 400;
    color: var(--soft);
    border-bottom: 1px solid var(--ink);
}
th,
td {
    text-align: right;
    padding: 2px 0 2px 4px;
}
th:first-child,
td:first-child {
    text-align: left;
    padding-left: 0;
}
</style>
