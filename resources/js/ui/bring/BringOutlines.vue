<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { api, type FoundOutline } from '../../api/client';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import { useTelling } from '../telling';
import FromFile from './FromFile.vue';
import { boardOf, offsetsFrom, pathOf, SIDES } from './outlines';
import { say } from '../../measure/say';

/** A drawing from elsewhere: each outline may become a board of its shape, or the wall traced along a scribed edge. */
const emit = defineEmits<{ done: [] }>();
const project = useProject();
const text = ref('');
const file = ref('');
const unit = ref('mm');
const outlines = ref<FoundOutline[]>([]);
const at = ref(0);
const name = ref('');
const material = ref(Object.keys(project.document!.stock)[0] ?? '');
const side = ref<(typeof SIDES)[number]['value']>('left');
const edge = ref('');
const { trouble, tell } = useTelling();
const outline = computed(() => outlines.value[at.value] ?? null);
const size = (o: FoundOutline): string =>
    `${show(Math.max(...o.points.map((p) => p[0])), project.unit)} × ${show(Math.max(...o.points.map((p) => p[1])), project.unit)}`;
const edges = computed(() =>
    Object.entries(project.fitted?.edges ?? {})
        .filter(([, e]) => e.scribe !== null)
        .map(([key, e]) => ({ key, start: e.scribe!.stations[0]?.at ?? 0 })),
);
const wall = computed(() => outline.value?.walls[side.value] ?? null);
const read = (): Promise<boolean> =>
    tell(async () => {
        [outlines.value, at.value] = [[], 0];
        outlines.value = [...(await api.bringOutlines(project.line!.id, text.value, unit.value)).outlines];
        edge.value = edges.value[0]?.key ?? '';
    });
const asBoard = (): Promise<boolean> =>
    tell(async () => {
        const value = boardOf(outline.value!, name.value || file.value.replace(/\.dxf$/i, '') || say('Shape'), material.value);
        await project.change({ op: 'set', path: ['loose', ulid()], value });
        emit('done');
    });
const asWall = (): Promise<boolean> =>
    tell(async () => {
        const start = edges.value.find((e) => e.key === edge.value)?.start ?? 0;
        const [id, piece] = project.piece!;
        await project.change(...offsetsFrom(id, piece, edge.value, start, wall.value!, outline.value!.closed));
        emit('done');
    });
</script>

<template>
    <p>Lines, arcs, circles and polylines of a DXF saved as text. What meets is joined to outlines; of blocks each one put in counts.</p>
    <div class="row">
        <FromFile v-model="text" label="drawing" accept=".dxf,application/dxf" example="" quiet @chosen="(n) => (file = n)" />
        <span>{{ file }}</span>
        <label>
            drawn in
            <select v-model="unit" aria-label="unit of the drawing">
                <option value="mm">millimetres</option>
                <option value="cm">centimetres</option>
                <option value="m">metres</option>
                <option value="in">inches</option>
                <option value="ft">feet</option>
            </select>
        </label>
        <Button label="Read it" size="small" severity="secondary" :disabled="!text" @click="read" />
    </div>
    <ul v-if="trouble.length" role="alert">
        <li v-for="t in trouble" :key="t" class="bad">{{ t }}</li>
    </ul>
    <div v-if="outline" class="two">
        <div class="found">
            <button v-for="(o, i) in outlines" :key="i" class="shape" :class="{ on: i === at }" :aria-pressed="i === at" @click="at = i">
                <svg :viewBox="pathOf(o).box" width="64" height="48" aria-hidden="true">
                    <path :d="pathOf(o).d" vector-effect="non-scaling-stroke" />
                </svg>
                <span
                    ><b>{{ size(o) }}</b
                    ><span class="soft">{{ o.layer }}, {{ o.closed ? 'closed' : 'open' }}</span></span
                >
            </button>
        </div>
        <div>
            <svg :viewBox="pathOf(outline).box" class="large" role="img" :aria-label="`outline of ${size(outline)}`">
                <path :d="pathOf(outline).d" vector-effect="non-scaling-stroke" />
            </svg>
            <form v-if="outline.closed" class="row" aria-label="as a board" @submit.prevent="asBoard">
                <InputText v-model="name" size="small" maxlength="120" placeholder="Name of the board" aria-label="name of the board" />
                <select v-model="material" aria-label="material of the board">
                    <option v-for="(m, id) in project.document!.stock" :key="id" :value="id">{{ m.name }}</option>
                </select>
                <Button type="submit" label="A board of this shape" size="small" />
            </form>
            <form v-if="edges.length" class="row" aria-label="as a wall" @submit.prevent="asWall">
                <label
                    >the wall is at its
                    <select v-model="side" aria-label="side the wall is on">
                        <option v-for="s in SIDES" :key="s.value" :value="s.value">{{ s.label }}</option>
                    </select>
                </label>
                <label
                    >for the edge
                    <select v-model="edge" aria-label="edge it is the wall of">
                        <option v-for="e in edges" :key="e.key" :value="e.key">{{ e.key.replace(/_/g, ' ') }}</option>
                    </select>
                </label>
                <Button type="submit" label="The wall of this edge" size="small" severity="secondary" :disabled="!wall" />
                <span v-if="!wall" class="soft"
                    >At that side it is no wall to scribe to: shorter than 50 mm, or more than 300 mm deep.</span
                >
            </form>
        </div>
    </div>
</template>

<style scoped src="./bring.css"></style>
<style scoped>
.two {
    display: grid;
    grid-template-columns: 240px minmax(0, 1fr);
    gap: 18px;
}
.shape {
    display: flex;
    gap: 10px;
    width: 100%;
    text-align: left;
    background: none;
    border: 0;
    border-bottom: 1px solid var(--rule);
    padding: 6px;
    color: var(--ink);
    cursor: pointer;
}
.shape span {
    display: grid;
}
.shape.on {
    background: var(--chalk-wash);
}
.large {
    width: 100%;
    height: 220px;
}
path {
    fill: var(--board-fill);
    stroke: var(--ink);
    stroke-width: 1;
}
</style>
