<script setup lang="ts">
import { computed } from 'vue';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import LengthField from '../../ui/LengthField.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import { inOrder } from '../../project/order';
import { bandsOf, bayAdded, lastRemoved, shelfAdded } from './ops';

const project = useProject();
const guarded = useRefusals();
const picked = usePicked();

const box = computed(() => bandsOf(...project.piece!).box);
const path = computed(() => box.value[0]);
const bays = computed(() => inOrder(box.value[1].bays));
/** What an opening that shares comes to, shown where a chosen one would be typed. */
const shared = (bay: string, opening: number): string => {
    const figure = project.fitted?.spacings[bay]?.openings[opening];
    return figure ? show(figure.mm, project.documentUnit) : 'shared';
};
</script>

<template>
    <section class="bears">
        <h4>Bays and shelves</h4>
        <div class="ch">
            <span>Bays</span>
            <Stepper
                label="bays"
                :value="bays.length"
                :least="1"
                :most="12"
                @less="guarded(project.change(lastRemoved([...path, 'bays'], bays)))"
                @more="guarded(project.change(bayAdded(path, bays)))"
            />
        </div>
        <details v-for="([id, bay], b) in bays" :key="id" :open="b === 0">
            <summary>Bay {{ b + 1 }}: {{ Object.keys(bay.shelves).length }} shelves</summary>
            <div class="ch">
                <span>Shelves</span>
                <Stepper
                    :label="`shelves of bay ${b + 1}`"
                    :value="Object.keys(bay.shelves).length"
                    :least="0"
                    :most="20"
                    @less="guarded(project.change(lastRemoved([...path, 'bays', id, 'shelves'], inOrder(bay.shelves))))"
                    @more="guarded(project.change(shelfAdded(path, id, bay)))"
                />
            </div>
            <div v-for="([shelfId, shelf], s) in inOrder(bay.shelves).reverse()" :key="shelfId" class="opening">
                <button class="linkish" @click="picked = `${id}/spacing/${Object.keys(bay.shelves).length - 1 - s}`">
                    Opening {{ Object.keys(bay.shelves).length - s }}
                </button>
                <LengthField
                    :model-value="shelf.clear_below ?? null"
                    :unit="project.documentUnit"
                    :label="`opening ${Object.keys(bay.shelves).length - s} of bay ${b + 1}`"
                    :placeholder="shared(id, Object.keys(bay.shelves).length - 1 - s)"
                    :keep="(mm) => project.set([...path, 'bays', id, 'shelves', shelfId, 'clear_below'], mm)"
                />
                <button
                    v-if="shelf.clear_below !== undefined"
                    class="linkish"
                    :aria-label="`share opening ${Object.keys(bay.shelves).length - s}`"
                    @click="guarded(project.set([...path, 'bays', id, 'shelves', shelfId, 'clear_below'], null))"
                >
                    share
                </button>
                <span v-else class="soft">shared</span>
            </div>
        </details>
    </section>
</template>

<style scoped>
summary {
    cursor: pointer;
    margin: 6px 0;
    font-size: 13px;
    font-weight: 600;
}
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
