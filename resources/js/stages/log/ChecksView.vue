<script setup lang="ts">
import { computed } from 'vue';
import type { Trial } from '../../api/plan';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';

/** Every check there is, in the order of the steps, with what it came to. */
defineProps<{ trial: string | null }>();
const emit = defineEmits<{ trial: [id: string] }>();
const project = useProject();
const place = (t: Trial): number => {
    const at = t.steps.map((s) => project.plan!.steps.findIndex((x) => x.id === s)).filter((n) => n >= 0);
    return at.length ? Math.min(...at) : project.plan!.steps.length;
};
const trials = computed(() => [...project.plan!.trials].sort((a, b) => place(a) - place(b)));
const step = (t: Trial): string => (t.steps.length ? say('step {0}', place(t) + 1) : '');
const state = (t: Trial): string =>
    t.cures.length ? say('off') : t.read === 0 ? say('to read') : t.read < t.points.length ? say('so far right') : say('right');
</script>

<template>
    <div class="listing">
        <p v-if="!trials.length" class="soft">There is nothing to check: no assembly, and no edge that meets the house.</p>
        <table v-else aria-label="checks">
            <tbody>
                <tr v-for="t in trials" :key="t.id" :class="{ on: t.id === trial }" @click="emit('trial', t.id)">
                    <td class="state" :class="{ bad: t.cures.length, soft: t.read === 0 }">{{ state(t) }}</td>
                    <td>
                        <button class="linkish" @click.stop="emit('trial', t.id)">{{ render(t.name, project.unit) }}</button>
                        <p v-for="(c, i) in t.cures" :key="i" class="cure">{{ render(c, project.unit) }}</p>
                    </td>
                    <td class="soft n">{{ t.read }} of {{ t.points.length }}</td>
                    <td class="soft n">{{ step(t) }}</td>
                </tr>
            </tbody>
        </table>
    </div>
</template>

<style scoped>
.listing {
    padding-top: 10px;
}
td {
    padding: 5px 10px 5px 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: baseline;
}
tr {
    cursor: pointer;
}
.on {
    background: var(--chalk-wash);
}
.state {
    width: 92px;
}
.bad {
    color: var(--ochre-text);
    font-weight: 650;
}
.cure {
    margin: 2px 0 2px 4px;
    font-size: 13px;
    color: var(--ochre-text);
}
.n {
    text-align: right;
    white-space: nowrap;
}
.linkish {
    text-align: left;
}
</style>
