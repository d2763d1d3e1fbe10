<script setup lang="ts">
import { computed, watch } from 'vue';
import type { Drawing, Motion } from '../../api/plan';
import { outline } from '../../draw/path';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import PieceTabs from '../../ui/PieceTabs.vue';
import { opened, stopped } from './moves';
import { usePlay } from './play';
import PlayBar from './PlayBar.vue';

/** One moving part, opened on the drawing as far as the room lets it; what it sweeps is shown faintly. */
const props = defineProps<{ motion: Motion; views: { key: string; label: string }[] }>();
const emit = defineEmits<{ view: [key: string] }>();
const project = useProject();
const { share, playing, play, lead } = usePlay(2.5);

/** The piece, with room on the paper for all that is swept. */
const drawing = computed(() => {
    const own = project.plan!.drawings[project.piece![0]]!;
    const base = props.motion.view === 'top' ? own.top! : (own[`section/${props.motion.bay}`] ?? own.section!);
    const [left, bottom, right, top] = base.bounds as [number, number, number, number];
    const points = swept.value.flat();
    const us = points.map(([u]) => u);
    const vs = points.map(([, v]) => v);
    return { ...base, bounds: [Math.min(left, ...us), Math.min(bottom, ...vs), Math.max(right, ...us), Math.max(top, ...vs)] } as Drawing;
});
const now = computed(() => opened(props.motion, share.value));
const swept = computed(() => Array.from({ length: 10 }, (_, i) => opened(props.motion, i / 9)).flat());
watch(() => props.motion.id, () => lead(1), { immediate: true }); // prettier-ignore
</script>

<template>
    <div class="moves">
        <BoardDrawings
            :drawings="[{ drawing, label: `${render(motion.name, project.unit)}, opened` }]"
            :views="views"
            view="moves"
            :title="`${capitalised(render(motion.name, project.unit))}, ${motion.view === 'top' ? 'from above' : 'from the left'}`"
            @view="(v) => emit('view', v)"
        >
            <template #strip><PieceTabs /></template>
            <template #over="{ frame }">
                <path v-for="(s, i) in swept" :key="`s${i}`" :d="outline(s, frame)" class="swept" />
                <path v-for="(s, i) in now" :key="`n${i}`" :d="outline(s, frame)" :class="['now', { stuck: stopped(motion) }]" />
            </template>
        </BoardDrawings>
        <PlayBar :share="share" :playing="playing" @play="play" @lead="lead" />
    </div>
</template>

<style scoped>
.moves {
    position: relative;
    display: grid;
    min-width: 0;
    min-height: 0;
}
.swept {
    fill: none;
    stroke: var(--soft);
    stroke-width: 0.7;
    stroke-dasharray: 3 3;
}
.now {
    fill: var(--board-fill);
    fill-opacity: 0.85;
    stroke: var(--ink);
    stroke-width: 1.8;
}
.now.stuck {
    stroke: var(--brick);
    stroke-dasharray: 7 3;
}
</style>
