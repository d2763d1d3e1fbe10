<script setup lang="ts">
import Select from 'primevue/select';
import { computed, ref } from 'vue';
import type { Band } from '../../api/document';
import { word } from '../../measure/words';
import { inOrder } from '../../project/order';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import BandCard from './BandCard.vue';
import { bandAdded, bandsOf, runAdded, runsOf } from './ops';
import RunCard from './RunCard.vue';
import { bands as kinds } from './vocabulary';
import { say } from '../../measure/say';
import { called } from '../../measure/called';

/** The piece as it is composed: runs along the walls, bands from the top down as one sees them, bays from left to right. */
const project = useProject();
const guarded = useRefusals();
const picked = usePicked();

const pieceId = computed(() => project.piece![0]);
const piece = computed(() => project.piece![1]);
const runs = computed(() =>
    runsOf(pieceId.value, piece.value).map((run) => ({ run, bands: bandsOf(run.path, run.value.bands).reverse() })),
);
const open = ref<string | null>(null);
const names = { back: say('Along the back wall'), left: say('Along the left wall'), right: say('Along the right wall') };
const bandKinds = computed(() =>
    Object.keys(kinds).map((value) => ({ value: value as Band['kind'], label: word(`band.${value}`, project.unit) })),
);
const free = computed(() => (['left', 'right'] as const).filter((wall) => !runs.value.some((r) => r.run.value.wall === wall)));
const label = (bay: string, at: number): string => project.fitted?.cells[bay]?.label ?? String(at + 1);
</script>

<template>
    <section class="bears composition" aria-label="composition">
        <h4>Composed of</h4>
        <div v-for="{ run, bands } in runs" :key="run.id" class="run">
            <RunCard v-if="runs.length > 1" :run="run" :title="names[run.value.wall ?? 'back']" />
            <div v-for="band in bands" :key="band.id" class="band">
                <div class="line">
                    <button class="linkish name" :aria-expanded="open === band.id" @click="open = open === band.id ? null : band.id">
                        {{ word(`band.${band.value.kind}`, project.unit) }}{{ band.value.joined ? ', shares uprights' : '' }}
                    </button>
                    <span class="bays">
                        <button
                            v-for="([id], i) in inOrder(band.value.bays)"
                            :key="id"
                            class="bay"
                            :class="{ on: picked === id }"
                            :aria-label="`pick bay ${label(id, i)}`"
                            @click="picked = id"
                        >
                            {{ label(id, i) }}
                        </button>
                    </span>
                </div>
                <BandCard v-if="open === band.id" :band="band" :run="run" />
            </div>
            <div class="ch add">
                <span class="soft">Add on top</span>
                <Select
                    :model-value="null"
                    :options="bandKinds"
                    option-label="label"
                    option-value="value"
                    size="small"
                    placeholder="a band"
                    :aria-label="`add a band ${names[run.value.wall ?? 'back'].toLowerCase()}`"
                    @update:model-value="(kind: Band['kind']) => guarded(project.change(bandAdded(run, kind)))"
                />
            </div>
        </div>
        <p v-if="free.length" class="acts">
            <button v-for="wall in free" :key="wall" class="linkish" @click="guarded(project.change(runAdded(pieceId, wall)))">
                + A run along the {{ called(wall) }} wall
            </button>
        </p>
    </section>
</template>

<style scoped>
.band {
    border-bottom: 1px solid var(--rule);
    padding: 3px 0;
}
.line {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    font-size: 13px;
}
.name {
    text-align: left;
}
.bays {
    display: flex;
    flex-wrap: wrap;
    gap: 3px;
    justify-content: flex-end;
}
.bay {
    min-width: 26px;
    border: 1px solid var(--chalk);
    border-radius: 2px;
    background: var(--tape);
    color: var(--chalk);
    font-size: 12px;
    cursor: pointer;
}
.bay.on {
    background: var(--chalk);
    color: var(--sheet);
}
.add {
    margin-top: 8px;
}
.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 10px;
    margin: 4px 0 0;
    font-size: 13px;
}
</style>
