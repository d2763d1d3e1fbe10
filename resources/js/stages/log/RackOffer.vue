<script setup lang="ts">
import { computed, onMounted } from 'vue';
import { show } from '../../measure/show';
import { offered, useRack } from '../../project/rack';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';

/** What is cut anew from a whole sheet, where the household’s rack holds a piece that is large enough. */
const props = defineProps<{ parts: string[] }>();
const project = useProject();
const guarded = useRefusals();
const { pieces, look, serves, use } = useRack();
onMounted(() => void guarded(look()));
const offers = computed(() => {
    const own = project.plan!.parts.filter((p) => props.parts.includes(p.id));
    return offered(own, pieces.value, serves);
});
</script>

<template>
    <ul v-if="offers.length" class="rack" aria-label="on the rack">
        <li v-for="{ part, piece } in offers" :key="part.id">
            {{ piece.label }} on the household’s rack, {{ show(piece.length, project.unit) }} × {{ show(piece.width, project.unit) }}, is
            large enough for <b>{{ part.label }}</b>.
            <button class="linkish" :aria-label="`use ${piece.label} for ${part.label}`" @click="guarded(use(piece))">Use it</button>
        </li>
    </ul>
</template>

<style scoped>
.rack {
    list-style: none;
    margin: 6px 0;
    padding: 6px 10px;
    border-left: 3px solid var(--chalk);
}
</style>
