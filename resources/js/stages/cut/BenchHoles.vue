<script setup lang="ts">
import type { BoreRow, Part } from '../../api/plan';
import { show } from '../../measure/show';
import { render, word, capitalised } from '../../measure/words';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';

/** Where the holes of one face or edge are marked: a distance from the edge to set once, and the places along it. */
const props = defineProps<{
    rows: readonly BoreRow[];
    name: string;
    first: number;
    lit: string | null;
    heads: { across: string; along: string };
    thickness: number;
}>();
const emit = defineEmits<{ light: [row: string | null] }>();
const project = useProject();

const mm = (value: number): string => show(value, project.unit);
const part = (id: string): Part | undefined => project.plan?.parts.find((p) => p.id === id);
const what = (row: BoreRow): string => {
    const size = row.kind === 'pocket' ? say(', jig set to {0}', mm(props.thickness)) : ` ${mm(row.diameter)}`;
    return `${capitalised(word(`bore.${row.kind}`))}${size}`;
};
const deep = (row: BoreRow): string => (row.kind === 'pocket' ? '' : row.depth === null ? say('through') : mm(row.depth));
const goes = (row: BoreRow): string => {
    const parts = row.with.map(part).filter((p) => p !== undefined);
    const named = parts.length === 1 ? `${parts[0]!.label} ${render(parts[0]!.name, project.unit)}` : parts.map((p) => p.label).join(', ');
    return `${row.kind === 'spare_pin' ? say('other heights') : named}${row.screw ? say(', screw {0}', mm(row.screw)) : ''}`;
};
const key = (i: number): string => `${props.name} ${props.first + i}`;
</script>

<template>
    <table v-if="rows.length" class="figures small holes">
        <thead>
            <tr>
                <th></th>
                <th>hole</th>
                <th>deep</th>
                <th>{{ heads.along }}</th>
                <th>{{ heads.across }}</th>
                <th>for</th>
            </tr>
        </thead>
        <tbody>
            <tr
                v-for="(row, i) in rows"
                :key="i"
                :class="{ lit: lit === key(i) }"
                tabindex="0"
                @click="emit('light', lit === key(i) ? null : key(i))"
                @keydown.enter="emit('light', lit === key(i) ? null : key(i))"
            >
                <td class="no">{{ first + i }}</td>
                <td class="what">{{ what(row) }}</td>
                <td>{{ deep(row) }}</td>
                <td class="run">{{ row.along.map(mm).join(' · ') }}</td>
                <td class="run">{{ row.across.map(mm).join(' · ') }}</td>
                <td>{{ goes(row) }}</td>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
.holes {
    width: 100%;
    margin: 4px 0 10px;
}
.holes tr {
    cursor: pointer;
}
.holes th {
    text-align: left;
}
.holes td {
    text-align: left;
    padding-right: 12px;
    vertical-align: top;
}
.what {
    white-space: nowrap;
}
.run {
    white-space: normal;
}
.no {
    color: var(--chalk);
    font-weight: 700;
}
.lit {
    background: var(--chalk-wash);
}
</style>
