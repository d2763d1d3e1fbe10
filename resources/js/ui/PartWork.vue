<script setup lang="ts">
import { computed } from 'vue';
import type { Part } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import { word } from '../measure/words';
import MarkedOutTable from './MarkedOutTable.vue';

/** What is done to a part besides cutting it to length and width: how it is marked out where it is no rectangle, bevels, what is taken out. */
const props = defineProps<{ part: Part; unit: Unit }>();
const mm = (value: number): string => show(value, props.unit);
/** What goes through the board is marked out above, on its face. */
const taken = computed(() =>
    props.part.taken.filter((t) => !['notch', 'cut_out', 'round_cut_out'].includes(t.kind)).sort((a, b) => a.along - b.along),
);
</script>

<template>
    <div v-if="part.marked_out || part.bevels.length || taken.length" class="work">
        <MarkedOutTable v-if="part.marked_out" :marked="part.marked_out" :unit="unit" />
        <p v-if="part.bevels.length">
            Bevelled from square: {{ part.bevels.map((b) => `${b.toFixed(1)}°`).join(' and ') }}. The size is to the long points, which lie
            in the {{ part.long_face }} face.
        </p>
        <table v-if="taken.length" class="figures small">
            <thead>
                <tr>
                    <th>{{ taken.length }} let in</th>
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
</style>
