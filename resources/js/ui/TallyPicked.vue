<script setup lang="ts">
import { computed, watch } from 'vue';
import { show, showWithUnit } from '../measure/show';
import { render } from '../measure/words';
import { pickedOf } from '../project/figures';
import { useProject } from '../project/store';
import { usePicked } from './picked';
import EdgeTally from './EdgeTally.vue';
import FindingsOf from './FindingsOf.vue';
import PartWork from './PartWork.vue';
import TallyFigure from './TallyFigure.vue';
import Trail from './Trail.vue';
import { called } from '../measure/called';

/** The tally tape for whatever is picked, or for `fallback` when nothing is. */
const props = defineProps<{ fallback: string | null }>();
const project = useProject();
const picked = usePicked();

// What is picked is shown at once, however far the choices below were scrolled.
watch(picked, () => document.querySelector('.tally')?.scrollTo({ top: 0 }));

/** A bay has a card of its own, which says them. */
const isBay = computed(() => Object.values(project.plan?.pieces ?? {}).some((p) => picked.value !== null && picked.value in p.cells));
const shown = computed(() => {
    if (!project.plan) return null;
    const own = picked.value ? pickedOf(project.plan, picked.value) : null;
    return own ?? (props.fallback ? pickedOf(project.plan, props.fallback) : null);
});
</script>

<template>
    <TallyFigure v-if="shown?.kind === 'figure'" :name="render(shown.name, project.unit)" :figure="shown.figure" :unit="project.unit">
        <div v-if="shown.name.key === 'fit.plumb_clear' && project.site?.doubt" class="doubt">
            <b>± {{ show(project.site.doubt.now, project.unit) }}</b>
            <span v-if="project.site.doubt.advice && project.site.doubt.then !== null">
                doubt left by the tape; the {{ render(project.site.doubt.advice, project.unit) }} would make it ±
                {{ show(project.site.doubt.then, project.unit) }}
            </span>
            <span v-else>doubt left by the tape</span>
        </div>
    </TallyFigure>

    <template v-else-if="shown?.kind === 'part'">
        <TallyFigure
            :name="`${shown.part.label} · ${render(shown.part.name, project.unit)}: cut length`"
            :figure="shown.part.cut.length"
            :unit="project.unit"
        >
            <div class="second">
                <b>{{ show(shown.part.cut.width.mm, project.unit) }}</b> cut width
                <Trail :trail="shown.part.cut.width.trail" :unit="project.unit" />
            </div>
            <p class="facts soft">
                {{ shown.part.material_name }}, {{ showWithUnit(shown.part.thickness, project.unit) }} as measured.
                {{ shown.part.bought ? 'Bought by length.' : shown.part.grain === 'length' ? 'Grain along the length.' : 'Grain free.' }}
                {{ shown.part.banded.length ? `Banded: ${shown.part.banded.map(called).join(', ')}.` : 'No banded edge.' }}
                {{ shown.part.hand ? `A ${shown.part.hand}-hand part.` : '' }}
                {{ shown.part.fit_on_site ? 'A blank: fitted on site.' : '' }}
            </p>
            <PartWork :part="shown.part" :unit="project.unit" />
        </TallyFigure>
    </template>

    <EdgeTally v-else-if="shown?.kind === 'edge'" :edge="shown.edge" />
    <FindingsOf v-if="picked && !isBay" :refs="[picked]" />
</template>

<style scoped>
.doubt {
    display: flex;
    gap: 10px;
    align-items: baseline;
    margin-top: 12px;
    padding-top: 10px;
    border-top: 2px solid var(--ink);
    font-size: 13px;
    color: var(--soft);
}
.doubt b {
    color: var(--ink);
    font-size: 15px;
    white-space: nowrap;
}
.second {
    margin-top: 14px;
    padding-top: 10px;
    border-top: 2px solid var(--ink);
}
.second b {
    font-size: 20px;
    margin-right: 6px;
}
.second .trail {
    margin-top: 6px;
}
.facts {
    font-size: 12.5px;
    margin: 12px 0 0;
}
</style>
