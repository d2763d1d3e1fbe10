<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, type School } from '../../api/client';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';

/** What each way of building comes to on this very piece: every line from a plan of its own. */
const project = useProject();
const guarded = useRefusals();
const schools = ref<School[]>([]);
const of = ref<string | null>(null);
const busy = ref(false);
const stamp = computed(() => `${project.piece?.[0]} ${project.revision}`);
const isOld = computed(() => schools.value.length > 0 && of.value !== stamp.value);
watch(
    () => project.piece?.[0],
    () => (schools.value = []),
);

async function work(): Promise<void> {
    busy.value = true;
    const asked = stamp.value;
    await guarded(
        api.schools(project.line!.id, project.piece![0]).then((answer) => {
            schools.value = answer;
            of.value = asked;
        }),
    );
    busy.value = false;
}
const isInch = computed(() => project.unit === 'in');
const run = (mm: number): string => (mm === 0 ? '–' : (mm / (isInch.value ? 304.8 : 1000)).toFixed(1));
const weight = (grams: number): string => (isInch.value ? (grams / 453.592).toFixed(0) : (grams / 1000).toFixed(1));
</script>

<template>
    <section class="bears schools" aria-label="schools compared">
        <p class="soft">
            Each line is planned anew on this piece: sheets for the whole project; weight empty in {{ isInch ? 'pounds' : 'kilograms' }},
            joints, the screws or dowels in them, and {{ isInch ? 'feet' : 'metres' }} of edge band and of face frame for this piece.
        </p>
        <button class="linkish" :disabled="busy" @click="work">
            {{ busy ? 'planning each…' : schools.length === 0 ? 'Compare them' : 'Compare again' }}
        </button>
        <p v-if="isOld" class="soft" role="status">The piece has changed since.</p>
        <table v-for="s in schools" :key="s.school" :class="{ old: isOld }">
            <thead>
                <tr>
                    <th>{{ word(`school.${s.school}`, project.unit) }}</th>
                    <th>sheets</th>
                    <th>{{ isInch ? 'lb' : 'kg' }}</th>
                    <th>joints</th>
                    <th>fixings</th>
                    <th>band</th>
                    <th>frame</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="c in s.choices" :key="c.choice" :class="{ now: c.now }">
                    <td>
                        <b v-if="c.now">{{ word(`choice.${c.choice}`, project.unit) }}</b>
                        <button v-else class="linkish" @click="guarded(project.change(...c.ops))">
                            {{ word(`choice.${c.choice}`, project.unit) }}
                        </button>
                        <span v-if="c.stops" class="stops" :title="`${c.stops} that stop it`">{{ c.stops }} stop</span>
                    </td>
                    <template v-if="c.totals">
                        <td>{{ c.sheets }}</td>
                        <td>{{ weight(c.totals.grams) }}</td>
                        <td>{{ c.totals.joints }}</td>
                        <td>{{ c.totals.fixings }}</td>
                        <td>{{ run(c.totals.banded) }}</td>
                        <td>{{ run(c.totals.framed) }}</td>
                    </template>
                </tr>
            </tbody>
        </table>
    </section>
</template>

<style scoped>
.schools p {
    font-size: 12.5px;
    margin: 0 0 6px;
}
table {
    width: 100%;
    table-layout: fixed;
    border-collapse: collapse;
    font-size: 12px;
    margin-top: 10px;
}
.old {
    opacity: 0.55;
}
th {
    font-weight: 400;
    color: var(--soft);
    text-align: right;
    border-bottom: 1px solid var(--ink);
}
th:first-child {
    width: 27%;
    color: var(--ink);
    font-weight: 650;
}
td {
    text-align: right;
    padding: 3px 0 3px 4px;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
}
td:first-child,
th:first-child {
    text-align: left;
    padding-left: 0;
}
td .linkish {
    padding: 0;
    text-align: left;
}
.stops {
    display: block;
    color: var(--brick);
    font-size: 11px;
}
</style>
