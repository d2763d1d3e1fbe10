<script setup lang="ts">
import { computed } from 'vue';
import type { Shelf } from '../../api/document';
import { show } from '../../measure/show';
import { inOrder } from '../../project/order';
import { useProject } from '../../project/store';
import LengthField from '../../ui/LengthField.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import { lastRemoved, type PlacedBay, shelfAdded } from './ops';

/** The shelves of a bay from the top down, each with the opening beneath it: chosen, or a share of what is left. */
const props = defineProps<{ bay: PlacedBay; label: string }>();
const project = useProject();
const guarded = useRefusals();
const picked = usePicked();

const all = computed(() => (props.bay.value.fill?.shelves ?? {}) as Record<string, Shelf>);
const shelves = computed(() => inOrder(all.value));
const path = computed(() => [...props.bay.path, 'fill', 'shelves']);
/** What an opening that shares comes to, shown where a chosen one would be typed. */
const shared = (opening: number): string => {
    const figure = project.fitted?.spacings[props.bay.id]?.openings[opening];
    return figure ? show(figure.mm, project.documentUnit) : 'shared';
};
</script>

<template>
    <div class="ch">
        <span>Shelves</span>
        <Stepper
            :label="`shelves of bay ${label}`"
            :value="shelves.length"
            :least="0"
            :most="24"
            @less="guarded(project.change(lastRemoved(path, shelves)))"
            @more="guarded(project.change(shelfAdded(bay.path, all)))"
        />
    </div>
    <div v-for="([shelfId, shelf], s) in [...shelves].reverse()" :key="shelfId" class="opening">
        <button class="linkish" @click="picked = `${bay.id}/spacing/${shelves.length - 1 - s}`">Opening {{ shelves.length - s }}</button>
        <LengthField
            :model-value="shelf.clear_below ?? null"
            :unit="project.documentUnit"
            :label="`opening ${shelves.length - s} of bay ${label}`"
            :placeholder="shared(shelves.length - 1 - s)"
            :keep="(mm) => project.set([...path, shelfId, 'clear_below'], mm)"
        />
        <button
            v-if="shelf.clear_below !== undefined"
            class="linkish"
            :aria-label="`share opening ${shelves.length - s}`"
            @click="guarded(project.set([...path, shelfId, 'clear_below'], null))"
        >
            share
        </button>
        <span v-else class="soft">shared</span>
    </div>
</template>

<style scoped>
.opening {
    display: flex;
    align-items: center;
    gap: 6px;
    margin-bottom: 6px;
    font-size: 13px;
}
.opening .linkish:first-child {
    min-width: 84px;
    text-align: left;
}
</style>
