<script setup lang="ts">
import { computed } from 'vue';
import type { FittedEdge } from '../api/plan';
import { show, showWithUnit } from '../measure/show';
import { capitalised, render, word } from '../measure/words';
import { useProject } from '../project/store';
import TallyFigure from './TallyFigure.vue';

/** One edge against the house: the number that is set for it, and the gap at each station. */
const props = defineProps<{ edge: FittedEdge }>();
const project = useProject();

const scribe = computed(() => props.edge.scribe);
const name = computed(() => capitalised(word(`edge.${props.edge.edge}`)));
const along = computed(() => word(`edge.along.${props.edge.along}`));
const order = computed(() => project.fitted?.orders[props.edge.part ?? ''] ?? []);
const mm = (value: number): string => show(value, project.unit);
</script>

<template>
    <TallyFigure v-if="scribe" :name="`${name}: compass setting`" :figure="scribe.setting" :unit="project.unit">
        <table class="figures">
            <thead>
                <tr>
                    <th>{{ along }}</th>
                    <th>gap</th>
                    <th v-tooltip.left="'Between the blank and the wall when it first touches'">presented</th>
                    <th v-tooltip.left="'Off the blank’s edge, measured from that edge'">cut off</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="s in [...scribe.stations].reverse()" :key="s.at">
                    <td>{{ mm(s.at) }}</td>
                    <td>{{ mm(s.left) }}</td>
                    <td>{{ mm(s.presented) }}</td>
                    <td>{{ mm(s.removed) }}</td>
                </tr>
            </tbody>
        </table>
        <p class="facts soft">
            Pushed in square, the blank touches first at {{ showWithUnit(scribe.touches_at, project.unit) }}, and has
            {{ showWithUnit(scribe.setting.mm, project.unit) }} still to travel. At its narrowest
            {{ showWithUnit(scribe.narrowest, project.unit) }} is left past the {{ edge.part ? 'boxes' : 'carcass' }}. Undercut the back
            {{ scribe.bevel_deg }} to {{ scribe.bevel_deg + 3 }}°.
        </p>
        <ol v-if="order.length > 0" class="order">
            <li v-for="(step, i) in order" :key="i">{{ render(step, project.unit) }}</li>
        </ol>
        <p v-if="scribe.short !== null" class="warn stop">The blank is {{ showWithUnit(scribe.short, project.unit) }} short of the wall.</p>
        <p v-if="scribe.steep !== null" class="warn">
            The line turns 1 in {{ scribe.steep }}: steeper than 1 in 4 a compass does not follow. Take closer offsets there.
        </p>
        <p class="facts soft">
            <template v-if="scribe.held"
                >From the offsets taken by hand, ± {{ showWithUnit(scribe.doubt!, project.unit) }} at a station.</template
            >
            <template v-else>From the survey of the room; offsets taken by hand make it sure.</template>
        </p>
    </TallyFigure>
    <section v-else class="tape-paper" :aria-label="`${name}: gap`">
        <div class="what">{{ name }}: gap</div>
        <div class="big">
            {{ mm(edge.least) }}<span class="to">to</span>{{ mm(edge.greatest) }}<small>{{ project.unit }}</small>
        </div>
        <table class="figures">
            <thead>
                <tr>
                    <th>{{ along }}</th>
                    <th>gap</th>
                </tr>
            </thead>
            <tbody>
                <tr v-for="g in [...edge.gaps].reverse()" :key="g.at">
                    <td>{{ mm(g.at) }}</td>
                    <td>{{ mm(g.gap) }}</td>
                </tr>
            </tbody>
        </table>
    </section>
</template>

<style scoped>
.to {
    font-size: 15px;
    font-weight: 400;
    color: var(--soft);
    margin: 0 7px;
    letter-spacing: 0;
}
.facts {
    font-size: 12.5px;
    margin: 10px 0 0;
}
.warn {
    font-size: 12.5px;
    margin: 8px 0 0;
    color: var(--ochre-text);
    font-weight: 600;
}
.warn.stop {
    color: var(--brick);
}
.order {
    font-size: 12.5px;
    margin: 10px 0 0;
    padding-left: 18px;
}
</style>
