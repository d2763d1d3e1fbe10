<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Template } from '../../api/plan';
import TemplateView from '../../draw/TemplateView.vue';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useSize } from '../../ui/size';
import ViewTabs from '../../ui/ViewTabs.vue';
import { edgeRef, profile } from './edges';

/** The board with one template on it, and the list of the others. */
const props = defineProps<{ of: string; views: { key: string; label: string }[] }>();
const emit = defineEmits<{ view: [key: string] }>();
const project = useProject();
const picked = usePicked();
const board = ref<HTMLElement | null>(null);
const size = useSize(board, { width: 800, height: 600 });

const piece = computed(() => project.piece![0]);
/** What has a template, and the edges that have only a gap. */
const all = computed(() => {
    const own = Object.entries(project.plan!.templates).filter(([, t]) => t.piece === piece.value);
    const gaps = Object.entries(project.fitted!.edges)
        .filter(([, e]) => !e.scribe)
        .map(([key, e]): [string, Template] => [edgeRef(piece.value, key), profile(piece.value, e)]);
    return [...own, ...gaps];
});
const template = computed(() => all.value.find(([key]) => key === props.of)?.[1] ?? all.value[0]![1]);
</script>

<template>
    <main ref="board" class="board">
        <slot name="strip" />
        <ul class="choose" aria-label="templates">
            <li v-for="[key, t] in all" :key="key">
                <button class="linkish" :class="{ on: key === of }" :aria-current="key === of" @click="picked = key">
                    {{ capitalised(render(t.name, project.unit)) }}
                </button>
            </li>
        </ul>
        <TemplateView
            class="view"
            :template="template"
            :width="size.width - 210"
            :height="size.height - 74"
            :unit="project.unit"
            :label="`template: ${render(template.name, project.unit)}`"
        />
        <div class="title-block">
            <div><small>view</small>{{ render(template.name, project.unit) }}</div>
            <ViewTabs :views="views" view="lines" @view="(v) => emit('view', v)" />
        </div>
    </main>
</template>

<style scoped>
.choose {
    position: absolute;
    left: 12px;
    top: 44px;
    bottom: 12px;
    width: 190px;
    margin: 0;
    padding: 0;
    list-style: none;
    overflow-y: auto;
    font-size: 12.5px;
}
.choose button {
    text-align: left;
}
.choose .on {
    color: var(--ink);
    font-weight: 650;
}
.view {
    position: absolute;
    left: 206px;
    top: 0;
}
</style>
