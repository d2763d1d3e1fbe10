<script setup lang="ts">
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { bayAdded, bayCopied, bayStacked, bayUnstacked, type PlacedBay } from './ops';

/** What may be done with a bay. */
const props = defineProps<{ bay: PlacedBay; label: string }>();
const project = useProject();
const guarded = useRefusals();
const picked = usePicked();

async function more(made: { id: string; ops: Parameters<typeof project.change>[0][] }): Promise<void> {
    if (await guarded(project.change(...made.ops))) picked.value = made.id;
}
async function remove(): Promise<void> {
    if (await guarded(project.change({ op: 'remove', path: props.bay.path }))) picked.value = null;
}
const isStacked = (): boolean => Object.keys(props.bay.value.bands ?? {}).length > 0;
</script>

<template>
    <div class="acts" role="group" :aria-label="`with bay ${label}`">
        <button class="linkish" @click="more(bayAdded(bay))">Add a bay beside it</button>
        <button class="linkish" @click="more(bayCopied(bay))">Copy it beside</button>
        <button v-if="isStacked()" class="linkish" @click="guarded(project.change(...bayUnstacked(bay)))">Take the bands out</button>
        <button v-else-if="bay.level < 4" class="linkish" @click="guarded(project.change(...bayStacked(bay)))">Divide it into bands</button>
        <button v-if="bay.siblings.length > 1" class="linkish" @click="remove">Take it out</button>
    </div>
</template>

<style scoped>
.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    margin: 10px 0 14px;
    padding-top: 8px;
    border-top: 1px solid var(--rule);
    font-size: 13px;
}
</style>
