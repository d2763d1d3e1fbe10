<script setup lang="ts">
import { computed } from 'vue';
import type { Edge } from '../../api/document';
import type { Way } from '../../api/plan';
import { show, showWithUnit } from '../../measure/show';
import { render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import { chosen, price } from './edges';
import { say } from '../../measure/say';
import { called } from '../../measure/called';

/** The ways of closing one gap: what each leaves, needs and costs; one is proposed, the person decides. */
const props = defineProps<{ edge: string }>();
const project = useProject();
const guarded = useRefusals();

const id = computed(() => project.piece![0]);
const fitted = computed(() => project.fitted!.edges[props.edge]!);
const own = computed(() => project.piece![1][props.edge as 'left']);
const proposed = computed(() => fitted.value.ways.find((w) => w.because !== null) ?? null);
const isSide = computed(() => ['left', 'right'].includes(props.edge));

const choose = (kind: Edge['kind']): Promise<boolean> =>
    guarded(project.set(['pieces', id.value, props.edge], chosen(kind, project.fitted!.usual_set_off)));
function costs(way: Way): string {
    const board =
        way.blank === null
            ? ''
            : say('{0} {1} wide · ', way.kind === 'trim' ? say('moulding') : say('board'), showWithUnit(way.blank, project.unit));
    return say('{0}{1} min{2}', board, way.minutes, way.cents === null ? '' : say(' · {0} of board', price(way.cents)));
}
</script>

<template>
    <section v-if="fitted.ways.length" class="bears">
        <h4>Ways to close it</h4>
        <p v-if="proposed" class="why">
            <b>Proposed: {{ word(`way.name.${proposed.kind}`) }}</b
            >, because {{ render(proposed.because!, project.unit) }}.
        </p>
        <ul class="ways" role="radiogroup" :aria-label="`${called(edge)} edge`">
            <li v-for="w in fitted.ways" :key="w.kind" :class="{ on: w.kind === fitted.kind, out: !w.fits }">
                <button
                    role="radio"
                    :aria-checked="w.kind === fitted.kind"
                    :aria-label="word(`way.name.${w.kind}`)"
                    @click="w.kind !== fitted.kind && choose(w.kind)"
                >
                    <span class="name">{{ word(`way.name.${w.kind}`) }}</span>
                    <span class="gap">{{ show(w.least, project.unit) }} – {{ show(w.greatest, project.unit) }}</span>
                    <span class="cost">{{ costs(w) }}</span>
                    <span v-if="!w.fits" class="limit"
                        >works {{ w.from === null ? 'up to' : `from ${show(w.from, project.unit)} to` }}
                        {{ showWithUnit(w.to, project.unit) }}{{ w.kind === 'extended_stile' ? ', with a face frame' : '' }}</span
                    >
                    <span v-if="w.kind === fitted.kind" class="more"
                        >{{ word(`way.looks.${w.kind}`) }} {{ word(`way.needs.${w.kind}`, project.unit) }}</span
                    >
                </button>
            </li>
        </ul>
        <LengthRow
            v-if="own && (isSide || edge === 'back')"
            :title="isSide ? 'least set-off' : 'air behind'"
            :label="`${called(edge)} set-off`"
            :value="own.set_off"
            :path="['pieces', id, edge, 'set_off']"
        />
        <button v-if="own && !isSide" class="linkish" @click="guarded(project.set(['pieces', id, edge], null))">Leave it undecided</button>
    </section>
    <section v-else class="bears">
        <p class="soft small">
            {{ edge === 'top' ? 'It stops at a line: nothing closes what is above it.' : 'Open: nothing to close here.' }}
        </p>
    </section>
</template>

<style scoped>
.why {
    font-size: 13px;
    margin: 0 0 8px;
}
.ways {
    list-style: none;
    margin: 0 0 10px;
    padding: 0;
    font-size: 13px;
}
.ways button {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    width: 100%;
    gap: 0 8px;
    text-align: left;
    background: var(--tape);
    border: 1px solid var(--rule);
    border-left: 4px solid transparent;
    margin-bottom: -1px;
    padding: 5px 8px;
    color: var(--ink);
    cursor: pointer;
}
.ways .on button {
    border-left-color: var(--chalk);
    background: var(--chalk-wash);
}
.name {
    font-weight: 650;
    color: var(--chalk);
}
.out .name {
    color: var(--soft);
}
.gap {
    text-align: right;
}
.cost,
.limit,
.more {
    grid-column: 1 / 3;
    font-size: 12px;
    color: var(--soft);
}
.limit {
    color: var(--ochre-text);
}
.more {
    color: var(--ink);
    margin-top: 3px;
}
.small {
    font-size: 12.5px;
}
</style>
