<script setup lang="ts">
import { computed } from 'vue';
import type { Compared, ComparedPart } from '../../api/client';
import { show } from '../../measure/show';
import { capitalised } from '../../measure/words';
import { useProject } from '../../project/store';
import { byArea } from './told';

/** What is different between two revisions: room, piece, the rest, and every part that comes out otherwise. */
const props = defineProps<{ compared: Compared }>();
const project = useProject();
const areas = computed(() => byArea(props.compared.rows));
const mm = (n: number): string => show(n, project.unit);
const size = (of: ComparedPart['before']): string => (of ? `${mm(of.size[0])} × ${mm(of.size[1])}` : '–');
const material = (p: ComparedPart): string =>
    p.before && p.after && p.before.material !== p.after.material
        ? `${p.before.material} → ${p.after.material}`
        : (p.after ?? p.before)!.material;
</script>

<template>
    <p v-if="!compared.rows.length && !compared.parts.length" class="soft">Nothing is different between them.</p>
    <template v-for="a in areas" :key="a.title">
        <h3>{{ a.title }}</h3>
        <table :aria-label="a.title">
            <thead>
                <tr>
                    <th>What</th>
                    <th class="n">Was</th>
                    <th class="n">Is</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="(r, i) in a.rows" :key="i">
                    <td>{{ capitalised(project.say(r.what)) }}</td>
                    <td class="n">{{ r.before ? project.say(r.before) : '–' }}</td>
                    <td class="n">{{ r.after ? project.say(r.after) : 'taken away' }}</td>
                </tr>
            </tbody>
        </table>
    </template>
    <template v-if="compared.parts.length">
        <h3>Parts that come out otherwise</h3>
        <table aria-label="parts that come out otherwise">
            <thead>
                <tr>
                    <th>Part</th>
                    <th class="n">Was</th>
                    <th class="n">Is</th>
                    <th>Material</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="p in compared.parts" :key="p.label + p.name.key">
                    <td>
                        <b>{{ p.label }}</b> {{ project.say(p.name) }}
                    </td>
                    <td class="n">{{ size(p.before) }}</td>
                    <td class="n">{{ size(p.after) }}</td>
                    <td>{{ material(p) }}</td>
                </tr>
            </tbody>
        </table>
    </template>
</template>

<style scoped>
td {
    overflow-wrap: anywhere;
}
td.n {
    white-space: normal;
}
</style>
