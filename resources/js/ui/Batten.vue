<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useProject } from '../project/store';
import { type Cutness, stages } from './stages';
import { isOpen } from './severity';

const project = useProject();
const route = useRoute();

const here = computed(() => route.path.split('/').at(-1));
const rows = computed(() =>
    stages.map((stage, i) => ({
        ...stage,
        number: i + 1,
        y: 48 + i * 108,
        cutness: (project.plan && project.document ? stage.cutness(project.plan, project.document) : 'empty') as Cutness,
        open: project.plan?.findings.filter((f) => f.place.stage === stage.name && f.severity !== 'note' && isOpen(f)).length ?? 0,
    })),
);
const ticks = Array.from({ length: 90 }, (_, i) => ({ y: 20 + i * 13.5, long: i % 5 === 0 }));
const grain = Array.from({ length: 9 }, (_, i) => 6 + i * 9.5);
</script>

<template>
    <nav class="batten" aria-label="stages">
        <svg class="wood" width="84" height="100%" aria-hidden="true">
            <path v-for="x in grain" :key="x" :d="`M${x} 0q3 200 -1 420t2 420t-2 420`" class="fibre" />
            <path v-for="t in ticks" :key="t.y" :d="`M84 ${t.y}h${t.long ? -13 : -7}`" class="tickmark" />
        </svg>
        <RouterLink class="name" to="/" translate="no">Incastro</RouterLink>
        <RouterLink
            v-for="row in rows"
            :key="row.name"
            :to="`/projects/${project.line?.id}/${row.name}`"
            class="stage"
            :class="{ here: row.name === here }"
            :style="{ top: `${row.y}px` }"
            :aria-label="`${row.title}, ${row.said[row.cutness]}${row.open ? `, ${row.open} open findings` : ''}`"
            :aria-current="row.name === here ? 'page' : undefined"
        >
            <span class="title">{{ row.title }}</span>
            <span class="digit">{{ row.number }}</span>
            <svg class="notch" :class="row.cutness" width="28" height="34" viewBox="0 0 28 34" aria-hidden="true">
                <path d="M28 1L2 17L28 33" />
            </svg>
            <span v-if="row.open" class="flag">{{ row.open }}</span>
            <svg v-if="row.name === here" class="line" width="84" height="3" aria-hidden="true"><path d="M0 1.5H84" /></svg>
        </RouterLink>
    </nav>
</template>

<style scoped>
.batten {
    position: relative;
    background: var(--wood);
    border-right: 1px solid var(--wood-soft);
    overflow: hidden;
}
.wood {
    position: absolute;
    inset: 0;
}
.fibre {
    stroke: var(--wood-line);
    stroke-width: 0.8;
    fill: none;
    opacity: 0.6;
}
.tickmark {
    stroke: var(--wood-soft);
    stroke-width: 1;
    opacity: 0.6;
}
.name {
    position: absolute;
    top: 17px;
    left: 12px;
    font-weight: 650;
    color: var(--wood-ink);
    text-decoration: none;
    font-size: 14.5px;
}
.stage {
    position: absolute;
    left: 0;
    width: 84px;
    height: 84px;
    padding: 33px 0 0 12px;
    color: var(--wood-ink);
    text-decoration: none;
    display: block;
}
.title {
    display: block;
    font-weight: 650;
    font-size: 15px;
    line-height: 18px;
}
.digit {
    font-size: 12px;
    color: var(--wood-soft);
}
.stage.here .title {
    color: var(--chalk);
}
.dark .stage.here .title {
    color: #d4e7f8;
}
.notch {
    position: absolute;
    right: 0;
    top: 25px;
}
.notch path {
    fill: none;
    stroke: var(--wood-soft);
    stroke-width: 1.2;
    opacity: 0.7;
}
.notch.pencilled path {
    stroke-dasharray: 3 2.5;
    opacity: 1;
}
.notch.cut path {
    fill: var(--sheet);
    opacity: 1;
}
.flag {
    position: absolute;
    right: 3px;
    top: 5px;
    background: var(--ochre);
    color: #fff;
    font-size: 11.5px;
    font-weight: 650;
    padding: 0 7px 0 11px;
    line-height: 16px;
    clip-path: polygon(0 0, 100% 0, 100% 100%, 0 100%, 5px 50%);
}
.line {
    position: absolute;
    left: 0;
    top: 70px;
}
.line path {
    stroke: var(--chalk);
    stroke-width: 2;
    stroke-dasharray: 2 1.5;
}
@media (max-width: 900px) {
    .batten {
        display: flex;
        overflow-x: auto;
        border-right: 0;
        border-bottom: 1px solid var(--wood-soft);
    }
    .wood,
    .notch,
    .line,
    .digit {
        display: none;
    }
    .name {
        position: static;
        padding: 13px 12px;
    }
    .stage {
        position: relative;
        top: 0 !important;
        width: auto;
        height: 46px;
        padding: 13px 12px 0;
        flex: none;
        border-bottom: 3px solid transparent;
    }
    .stage.here {
        border-color: var(--chalk);
    }
    .stage:has(.flag) {
        padding-right: 34px;
    }
    .flag {
        top: 13px;
    }
}
</style>
