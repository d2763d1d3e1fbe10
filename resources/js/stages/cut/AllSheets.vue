<script setup lang="ts">
import type { MaterialPlan, Sheet } from '../../api/plan';
import SheetView from './SheetView.vue';

/** Every sheet of the plan side by side, each large enough to be read. */
defineProps<{ sheets: { material: MaterialPlan; sheet: Sheet; number: number }[] }>();
const emit = defineEmits<{ open: [at: number] }>();
</script>

<template>
    <div class="all">
        <figure v-for="(s, i) in sheets" :key="i">
            <figcaption>
                <button class="linkish" @click="emit('open', i)">{{ s.material.name }}, sheet {{ s.number }}</button>
                <span class="soft"
                    >{{ s.sheet.placements.length }} {{ s.sheet.placements.length === 1 ? 'part' : 'parts' }},
                    {{ s.sheet.settings }} settings, {{ s.sheet.cuts.length }} cuts</span
                >
            </figcaption>
            <SheetView :material="s.material" :sheet="s.sheet" small />
        </figure>
    </div>
</template>

<style scoped>
.all {
    overflow: auto;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(400px, 1fr));
    gap: 10px;
    padding: 10px 16px;
}
figure {
    margin: 0;
    height: 262px;
    display: flex;
    flex-direction: column;
}
figure :deep(.sheet) {
    margin: 0;
}
figcaption {
    display: flex;
    justify-content: space-between;
    font-size: 12.5px;
    padding: 2px 0 4px;
}
</style>
