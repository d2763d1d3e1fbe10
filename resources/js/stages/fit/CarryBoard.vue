<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { CarriedBox } from '../../api/client';
import { outline } from '../../draw/path';
import { useProject } from '../../project/store';
import { useSize } from '../../ui/size';
import ViewTabs from '../../ui/ViewTabs.vue';
import { legScene, placeScene } from './carry';
import { usePlay } from './play';
import PlayBar from './PlayBar.vue';

/** One stretch of the way in, or the section at its place, with the box moving along the way that was found. */
const props = defineProps<{ box: CarriedBox; at: number; views: { key: string; label: string }[] }>();
const emit = defineEmits<{ view: [key: string] }>();
const project = useProject();
const board = ref<HTMLElement | null>(null);
const size = useSize(board, { width: 800, height: 600 });

const { share, playing, play, lead } = usePlay(6);

const leg = computed(() => props.box.legs[props.at] ?? null);
const scene = computed(() => (leg.value ? legScene(leg.value) : placeScene(props.box.place)));
const map = computed(() => {
    const [left, bottom, right, top] = scene.value.bounds;
    const [w, h] = [size.value.width - 40, size.value.height - 190];
    const scale = Math.min(w / (right - left), h / (top - bottom));
    const [midX, midY] = [(left + right) / 2, (bottom + top) / 2];
    return {
        width: size.value.width, height: size.value.height, scale,
        x: (u: number) => size.value.width / 2 + (u - midX) * scale,
        y: (v: number) => 50 + h / 2 - (v - midY) * scale,
    }; // prettier-ignore
});
const moving = computed(() => scene.value.box(share.value));
/** No way was found: what is shown is what blocks it. */
const blocked = computed(() => ['cannot', 'not_found'].includes(leg.value?.verdict ?? props.box.place.verdict));
/** Where it has been, faintly. */
const trail = computed(() => (moving.value.length ? Array.from({ length: 13 }, (_, i) => scene.value.box(i / 12)) : []));

watch(() => [props.box.id, props.at], () => lead(leg.value ? 0.5 : 1), { immediate: true }); // prettier-ignore
</script>

<template>
    <main ref="board" class="board">
        <slot name="strip" />
        <svg :width="size.width" :height="size.height" role="img" :aria-label="`${leg?.name ?? 'at its place'}: the box on its way`">
            <defs>
                <pattern id="masonry" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
                    <rect width="9" height="9" class="hatch-ground-wall" />
                    <path d="M0 0V9" class="hatch" />
                </pattern>
            </defs>
            <path v-for="(s, i) in scene.solid" :key="`s${i}`" :d="outline(s, map)" class="solid" />
            <path v-if="scene.base" :d="outline(scene.base, map)" class="base" />
            <path v-for="(t, i) in trail" :key="`t${i}`" :d="outline(t, map)" class="trail" />
            <path v-if="moving.length" :d="outline(moving, map)" :class="['moving', { blocked }]" />
        </svg>
        <PlayBar :share="share" :playing="playing" :disabled="moving.length === 0" @play="play" @lead="lead">
            <span v-if="blocked" class="stuck">Blocked: shown as it would go</span>
        </PlayBar>
        <div class="title-block">
            <div>
                <small>view</small>{{ leg ? `${leg.name}, from above` : 'At its place, in section: wall at the left' }} · sizes in
                {{ project.unit }}
            </div>
            <ViewTabs :views="views" view="carry" @view="(v) => emit('view', v)" />
        </div>
    </main>
</template>

<style scoped>
svg {
    position: absolute;
    inset: 0;
}
.solid {
    fill: url(#masonry);
    stroke: var(--ink);
    stroke-width: 1.4;
}
.base {
    fill: var(--board-fill);
    stroke: var(--ink);
}
.trail {
    fill: none;
    stroke: var(--soft);
    stroke-width: 0.7;
    stroke-dasharray: 3 3;
}
.moving {
    fill: var(--board-fill);
    fill-opacity: 0.85;
    stroke: var(--ink);
    stroke-width: 1.8;
}
.moving.blocked {
    stroke: var(--brick);
    stroke-dasharray: 7 3;
}
.stuck {
    color: var(--brick);
    font-weight: 600;
}
</style>
