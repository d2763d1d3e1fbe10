<script setup lang="ts">
import { computed } from 'vue';
import type { Operation } from '../api/client';
import type { Trial } from '../api/plan';
import { show } from '../measure/show';
import { render } from '../measure/words';
import { happened } from '../project/facts';
import { useProject } from '../project/store';
import LengthField from './LengthField.vue';
import { say } from '../measure/say';

/** One check: what is expected at each point, what was read, and what cures what is off. */
const props = defineProps<{ trial: Trial; send: (op: Operation) => Promise<unknown> }>();
const project = useProject();
const title = computed(() => render(props.trial.name, project.unit));
const expected = computed(() => new Set(props.trial.points.map((p) => p.expected)).size > 1 || props.trial.points[0]?.expected !== 0);
const keep = (point: string, mm: number): Promise<unknown> =>
    props.send(happened({ kind: 'checked', trial: props.trial.id, points: { [point]: mm } }));
const may = computed(() =>
    props.trial.kind === 'square'
        ? say('They may differ by {0} {1}.', show(props.trial.limit, project.unit), project.unit)
        : say('Up to {0} {1} nobody minds.', show(props.trial.limit, project.unit), project.unit),
);
</script>

<template>
    <section class="trial" :aria-label="title">
        <h4>{{ title }}</h4>
        <table>
            <tbody>
                <tr v-for="p in trial.points" :key="p.key" :class="{ off: trial.off.includes(p.key) }">
                    <td>{{ render(p.name, project.unit) }}</td>
                    <td v-if="expected" class="soft n">{{ show(p.expected, project.unit) }}</td>
                    <td>
                        <LengthField
                            :model-value="p.value"
                            :unit="project.documentUnit"
                            :label="`${title}, ${render(p.name, project.unit)}`"
                            :keep="(mm) => keep(p.key, mm)"
                        />
                    </td>
                </tr>
            </tbody>
        </table>
        <p class="soft">{{ may }}</p>
        <ul v-if="trial.cures.length" class="cures" aria-label="what cures it">
            <li v-for="(c, i) in trial.cures" :key="i">{{ render(c, project.unit) }}</li>
        </ul>
        <p v-else-if="trial.read" class="fine">Within its limits.</p>
    </section>
</template>

<style scoped>
h4 {
    margin: 0 0 6px;
}
table {
    width: 100%;
    border-collapse: collapse;
}
td {
    padding: 2px 6px 2px 0;
    vertical-align: baseline;
}
.n {
    text-align: right;
    white-space: nowrap;
}
.off td:first-child {
    color: var(--brick);
    font-weight: 650;
}
td :deep(input) {
    width: 92px;
}
.cures {
    margin: 6px 0;
    padding: 0 0 0 10px;
    list-style: none;
    border-left: 3px solid var(--ochre);
    color: var(--ochre-text);
}
.cures li {
    padding: 2px 0;
}
p {
    margin: 4px 0;
}
</style>
