<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import { accounts } from './replan';

/** Where the area of every sheet goes; it adds up. */
const project = useProject();
const rows = computed(() => accounts(project.plan!));
const isInch = computed(() => project.unit === 'in');
const area = (mm2: number): string => (mm2 / (isInch.value ? 92_903.04 : 1e6)).toFixed(isInch.value ? 3 : 4);
const share = (part: number, whole: number): string => `${((100 * part) / whole).toFixed(2)}%`;
</script>

<template>
    <h3>
        <span>Where each sheet goes</span><small class="soft">{{ isInch ? 'ft²' : 'm²' }}</small>
    </h3>
    <table aria-label="where each sheet goes">
        <thead>
            <tr>
                <th>Sheet</th>
                <th class="bar" />
                <th class="n">Parts</th>
                <th class="n">Left over</th>
                <th class="n" title="the factory edges">Trimmed edges</th>
                <th class="n" title="what the blade takes">Saw kerf</th>
                <th class="n" title="pieces that are no use, and what comes off pieces that are trimmed">Spoiled</th>
                <th class="n">Together</th>
            </tr>
        </thead>
        <tbody>
            <tr v-for="r in rows" :key="r.key">
                <td>
                    {{ r.name }} <span class="soft">{{ r.of }}</span>
                </td>
                <td class="bar">
                    <span class="whole" aria-hidden="true"
                        ><i class="parts" :style="{ width: share(r.account.parts, r.account.sheet) }" /><i
                            class="left"
                            :style="{ width: share(r.account.leftovers, r.account.sheet) }"
                    /></span>
                </td>
                <td class="n">{{ area(r.account.parts) }}</td>
                <td class="n">{{ area(r.account.leftovers) }}</td>
                <td class="n">{{ area(r.account.trim) }}</td>
                <td class="n">{{ area(r.account.kerf) }}</td>
                <td class="n">{{ area(r.account.spoiled + r.account.trimmed) }}</td>
                <td class="n sum">{{ area(r.account.sheet) }}</td>
            </tr>
        </tbody>
    </table>
</template>

<style scoped>
.sum {
    font-weight: 650;
}
.bar {
    width: 120px;
}
.whole {
    display: flex;
    height: 12px;
    border: 1px solid var(--wood-soft);
    background: repeating-linear-gradient(45deg, var(--sheet) 0 3px, var(--rule) 3px 4px);
}
.whole i {
    height: 100%;
}
.parts {
    background: var(--wood);
}
.left {
    background: var(--sheet);
    border-left: 1px solid var(--wood-soft);
}
</style>
