<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import type { Divided } from '../../draw/divide';
import DividerGrip from '../../draw/DividerGrip.vue';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import EmptyBoard from '../../ui/EmptyBoard.vue';
import Fold from '../../ui/Fold.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import TallyPicked from '../../ui/TallyPicked.vue';
import BayCard from './BayCard.vue';
import Composition from './Composition.vue';
import HardwareList from './HardwareList.vue';
import { baysOf } from './ops';
import PieceChoices from './PieceChoices.vue';
import PieceStrip from './PieceStrip.vue';
import SchoolsPanel from './SchoolsPanel.vue';
import { say } from '../../measure/say';

/** Three dimensions are fetched only by who looks at them. */
const SolidBoard = defineAsyncComponent(() => import('./SolidBoard.vue'));

const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const view = ref('front');
const views = [
    { key: 'front', label: say('Front and section') },
    { key: 'top', label: say('From above') },
    { key: 'solid', label: say('Solid') },
];
const own = computed(() => (project.piece ? project.plan?.drawings[project.piece[0]] : undefined));
const drawings = computed(() => {
    if (!own.value) return [];
    if (view.value === 'top') return [{ drawing: own.value.top!, label: say('piece from above') }];
    return [
        { drawing: own.value.front!, label: say('piece from the front') },
        {
            drawing: cut.value ?? own.value.section!,
            label: cut.value ? say('section through bay {0}', label.value) : say('section through the first bay'),
        },
    ];
});
const bays = computed(() => (project.piece ? baysOf(...project.piece) : []));
/** The picked bay, or the one that a picked part stands in. */
const bay = computed(() => {
    const ref = picked.value ?? '';
    const owner = project.plan?.parts.find((p) => p.id === ref)?.bay ?? ref.split('/')[0];
    return bays.value.find((b) => b.id === owner) ?? null;
});
const label = computed(() => (bay.value ? (project.fitted?.cells[bay.value.id]?.label ?? '–') : ''));
/** The section goes through the picked bay. */
const cut = computed(() => (bay.value ? own.value?.[`section/${bay.value.id}`] : undefined));
const grips = computed(() => Object.entries(project.fitted?.cells ?? {}).filter(([, c]) => c.drag !== null));

/** Dragged to a named place the bay follows it from now on; elsewhere its width is chosen. The neighbour takes up the difference. */
function divide(id: string, to: Divided): void {
    const moved = bays.value.find((b) => b.id === id);
    if (!moved) return;
    const next = moved.siblings[moved.siblings.findIndex(([s]) => s === id) + 1];
    const by = to.snap ? (to.snap.by.by === 'share' ? null : to.snap.by) : { by: 'fixed', value: to.width };
    const ops = [{ op: 'set' as const, path: [...moved.path, 'width'], value: by }];
    if (next && (next[1].width?.by === 'fixed' || by === null)) {
        ops.push({ op: 'set' as const, path: [...moved.band.path, 'bays', next[0], 'width'], value: null });
    }
    void guarded(project.change(...ops));
}
</script>

<template>
    <SolidBoard v-if="view === 'solid' && own" :views="views" @view="(v: string) => (view = v)"><PieceStrip /></SolidBoard>
    <BoardDrawings
        v-else-if="drawings.length"
        :drawings="drawings"
        :views="views"
        :view="view"
        :title="view === 'top' ? 'From above' : 'Front, with section'"
        @view="(v) => (view = v)"
    >
        <template #strip><PieceStrip /></template>
        <template #over="{ frame, index }">
            <template v-if="view === 'front' && index === 0">
                <DividerGrip
                    v-for="[id, cell] in grips"
                    :key="id"
                    :cell="cell"
                    :bay="id"
                    :frame="frame"
                    :unit="project.unit"
                    @divide="divide"
                />
            </template>
        </template>
    </BoardDrawings>
    <EmptyBoard v-else says="Read one width on Site first: the piece is made to the space." />
    <aside class="tally" aria-label="tally">
        <TallyPicked :fallback="project.piece ? `${project.piece[0]}/carcass_width` : null" />
        <template v-if="project.piece">
            <BayCard v-if="bay" :key="bay.id" :bay="bay" :label="label" />
            <Composition />
            <PieceChoices />
            <Fold title="Schools compared on this piece"><SchoolsPanel /></Fold>
            <Fold title="Bought for it"><HardwareList /></Fold>
        </template>
    </aside>
</template>
