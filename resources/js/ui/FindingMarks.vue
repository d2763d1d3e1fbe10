<script setup lang="ts">
import { computed } from 'vue';
import type { Drawing } from '../api/plan';
import type { Frame } from '../draw/frame';
import { render } from '../measure/words';
import { useProject } from '../project/store';
import { foundOn } from './found';
import { usePicked } from './picked';
import { marks } from './severity';
import { called } from '../measure/called';

/** What is found, as signs on the drawing at the place; one opens what it is about. */
const props = defineProps<{ drawing: Drawing; frame: Frame }>();
const project = useProject();
const picked = usePicked();
const signs = computed(() => foundOn(props.drawing, props.frame, project.plan?.findings ?? []));
</script>

<template>
    <g
        v-for="s in signs"
        :key="s.ref"
        class="found"
        :class="s.findings[0]!.severity"
        :transform="`translate(${s.x} ${s.y})`"
        tabindex="0"
        role="button"
        :aria-label="`${called(s.findings[0]!.severity)}: ${render(s.findings[0]!.says, project.unit)}`"
        @click.stop="picked = s.ref"
        @keydown.enter.stop="picked = s.ref"
    >
        <title>{{ s.findings.map((f) => render(f.says, project.unit)).join('\n') }}</title>
        <path :d="marks[s.findings[0]!.severity]" />
        <text v-if="s.findings.length > 1" x="16" y="6">{{ s.findings.length }}</text>
    </g>
</template>

<style scoped>
.found {
    cursor: pointer;
}
path {
    stroke: var(--sheet);
    stroke-width: 1.5;
}
.stop path {
    fill: var(--brick);
}
.look path {
    fill: var(--ochre);
}
text {
    font-size: 10px;
    font-weight: 700;
    fill: var(--ink);
}
</style>
