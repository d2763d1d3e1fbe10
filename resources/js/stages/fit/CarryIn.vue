<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { api, type CarriedBox } from '../../api/client';
import { useProject } from '../../project/store';
import EmptyBoard from '../../ui/EmptyBoard.vue';
import PieceTabs from '../../ui/PieceTabs.vue';
import { useRefusals } from '../../ui/refusals';
import CarryBoard from './CarryBoard.vue';
import CarryTally from './CarryTally.vue';

/** Will it go in: asked anew for each piece and revision, shown stretch by stretch. */
defineProps<{ views: { key: string; label: string }[] }>();
const emit = defineEmits<{ view: [key: string] }>();
const project = useProject();
const guarded = useRefusals();

const boxes = ref<readonly CarriedBox[] | null>(null);
const chosen = ref('');
const at = ref(0);
const box = computed(() => boxes.value?.find((b) => b.id === chosen.value) ?? boxes.value?.[0] ?? null);
let asked = 0;

/** The stretch that matters: the first that does not simply go, else its place. */
function look(): void {
    const legs = box.value?.legs ?? [];
    const stuck = legs.findIndex((l) => l.verdict !== 'goes');
    at.value = stuck < 0 ? legs.length : stuck;
}

watch(
    () => [project.line?.id, project.piece?.[0], project.revision],
    async () => {
        const mine = ++asked;
        await guarded(
            api.carryIn(project.line!.id, project.piece![0]).then((answer) => {
                // A late answer to an older question is dropped.
                if (mine !== asked) return;
                boxes.value = answer;
                look();
            }),
        );
    },
    { immediate: true },
);

function choose(id: string): void {
    chosen.value = id;
    look();
}
</script>

<template>
    <CarryBoard v-if="box" :box="box" :at="at" :views="views" @view="(v) => emit('view', v)">
        <template #strip><PieceTabs /></template>
    </CarryBoard>
    <EmptyBoard v-else :says="boxes === null ? 'Looking for a way in…' : 'Nothing here is carried in as a box.'" />
    <aside class="tally" aria-label="tally">
        <CarryTally v-if="box && boxes" :boxes="boxes" :chosen="box.id" :at="at" @choose="choose" @at="(i) => (at = i)" />
        <button v-else class="linkish" @click="emit('view', 'place')">Back to the piece in its place</button>
    </aside>
</template>
