<script setup lang="ts">
import { computed, nextTick, watch } from 'vue';
import type { Step } from '../../api/plan';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { hours } from './steps';

/** Every step in its order; a rule is drawn where work goes over from the shop to the room. */
const props = defineProps<{ index: number }>();
const emit = defineEmits<{ go: [index: number] }>();
const project = useProject();
const steps = computed(() => project.plan!.steps);
const room = computed(() => steps.value.findIndex((s) => s.kind === 'prepare'));
/** Where there are several pieces, whose step it is, unless its title says so. */
function ofPiece(s: Step): string {
    const name = s.piece && project.pieces.length > 1 ? (project.plan!.pieces[s.piece]?.name ?? '') : '';
    return render(s.title, project.unit).includes(name) ? '' : name;
}
const total = computed(() => steps.value.reduce((n, s) => n + s.minutes, 0));
watch(
    () => props.index,
    (i) => void nextTick(() => document.getElementById(`step-${i}`)?.scrollIntoView({ block: 'nearest' })),
    { immediate: true },
);
</script>

<template>
    <nav class="steps" aria-label="steps">
        <p class="soft all">{{ steps.length }} steps, {{ hours(total) }} with your hands on it.</p>
        <ol>
            <li v-for="(s, i) in steps" :id="`step-${i}`" :key="s.id" :class="{ on: i === index, room: i === room }">
                <button :aria-current="i === index ? 'step' : undefined" @click="emit('go', i)">
                    <span class="n">{{ i + 1 }}</span>
                    <span class="t">
                        {{ render(s.title, project.unit) }}
                        <small v-if="ofPiece(s)" class="soft">{{ ofPiece(s) }}</small>
                    </span>
                    <span v-if="s.done" class="soft min" title="done">✓ done</span>
                    <span v-else-if="s.held.length" class="flag brick" title="waits for somebody to decide">waits</span>
                    <span v-else-if="s.breaks.length" class="flag ochre" title="out of order">!</span>
                    <span v-else class="soft min">{{ hours(s.minutes) }}</span>
                </button>
            </li>
        </ol>
    </nav>
</template>

<style scoped>
.steps {
    overflow-y: auto;
    border-right: 1px solid var(--rule);
    min-height: 0;
}
.all {
    margin: 8px 14px;
    font-size: 12.5px;
}
ol {
    list-style: none;
    margin: 0;
    padding: 0 0 20px;
}
.room {
    border-top: 2px solid var(--ink);
}
button {
    display: grid;
    grid-template-columns: 26px minmax(0, 1fr) auto;
    gap: 4px;
    width: 100%;
    text-align: left;
    border: 0;
    background: none;
    color: var(--ink);
    padding: 4px 12px;
    font-size: 13px;
    line-height: 1.3;
    cursor: pointer;
}
.on button {
    background: var(--chalk-wash);
    font-weight: 650;
}
small {
    display: block;
    font-weight: 400;
    font-size: 12px;
}
.n {
    color: var(--soft);
}
.min {
    font-size: 12px;
    font-weight: 400;
    white-space: nowrap;
}
.flag {
    font-size: 11.5px;
    font-weight: 650;
    padding: 0 6px;
    align-self: start;
    border: 1px solid;
    border-radius: 3px;
}
.brick {
    color: var(--brick);
}
.ochre {
    color: var(--ochre-text);
}
</style>
