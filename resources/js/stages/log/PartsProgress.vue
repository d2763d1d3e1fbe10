<script setup lang="ts">
import { computed } from 'vue';
import type { Part } from '../../api/plan';
import { show } from '../../measure/show';
import { render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { states, tally } from './record';

/** Every part with how far it is, and what it measures where somebody measured it. */
const project = useProject();
const picked = usePicked();
const parts = computed(() => project.plan!.parts);
const far = computed(() => tally(parts.value));
const rank = (p: Part): number => states.indexOf(p.state);
const size = (p: Part): string => `${show(p.finished.length.mm, project.unit)} × ${show(p.finished.width.mm, project.unit)}`;
const made = (p: Part): string => {
    const m = p.as_built;
    if (!m) return '';
    return [m.length, m.width].map((l) => (l === null ? '–' : show(l, project.unit))).join(' × ');
};
</script>

<template>
    <div class="listing progress">
        <table aria-label="progress of the parts">
            <thead>
                <tr>
                    <th>Mark</th>
                    <th>Part</th>
                    <th class="n">Planned</th>
                    <th class="n">As made</th>
                    <th v-for="s in states.slice(1)" :key="s" class="s">
                        {{ word(`log.state.${s}`) }}<small>{{ far[s] }} of {{ parts.length }}</small>
                    </th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="p in parts" :key="p.id" :class="{ on: picked === p.id }" @click="picked = p.id">
                    <td>
                        <button class="linkish" :aria-label="`${p.label}, ${word(`log.state.${p.state}`)}`" @click.stop="picked = p.id">
                            {{ p.label }}
                        </button>
                    </td>
                    <td>{{ render(p.name, project.unit) }}</td>
                    <td class="n">{{ size(p) }}</td>
                    <td class="n" :class="{ off: p.as_built }">{{ made(p) }}</td>
                    <td v-for="(s, i) in states.slice(1)" :key="s" class="s">
                        <span v-if="rank(p) > i" class="notch" aria-hidden="true" />
                    </td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style scoped>
.progress {
    padding-top: 0;
}
table {
    font-size: 13.5px;
}
thead th {
    position: sticky;
    top: 0;
    background: var(--sheet);
    text-align: left;
    font-weight: 600;
    font-size: 12.5px;
    padding: 10px 8px 4px 0;
    border-bottom: 1px solid var(--ink);
    vertical-align: bottom;
}
th small {
    display: block;
    font-weight: 400;
    color: var(--soft);
}
td {
    padding: 2px 8px 2px 0;
    border-bottom: 1px solid var(--rule);
}
tbody tr {
    cursor: pointer;
}
.on {
    background: var(--chalk-wash);
}
.n {
    white-space: nowrap;
}
.off {
    font-weight: 650;
}
.s {
    width: 74px;
}
/* The same notch as on the batten: cut through when it is done. */
.notch {
    display: block;
    width: 100%;
    height: 12px;
    background: var(--wood);
    border: 1px solid var(--wood-soft);
}
</style>
