<script setup lang="ts">
import { computed } from 'vue';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';

/** One sheet of the cut plan, small: its parts with their marks. */
const props = defineProps<{ material: string; number: number; width: number; height: number }>();
const project = useProject();
const sheet = computed(() => project.plan!.cut.find((m) => m.material === props.material)?.sheets[props.number - 1] ?? null);
const scale = computed(() =>
    sheet.value ? Math.min((props.width - 40) / sheet.value.length, (props.height - 60) / sheet.value.width) : 1,
);
</script>

<template>
    <svg
        v-if="sheet"
        :width="sheet.length * scale + 4"
        :height="sheet.width * scale + 24"
        role="img"
        :aria-label="`sheet ${number}, ${sheet.placements.length} parts`"
    >
        <rect x="2" y="2" :width="sheet.length * scale" :height="sheet.width * scale" class="sheet" />
        <g v-for="p in sheet.placements" :key="`${p.part}${p.half ?? ''}`">
            <rect :x="2 + p.x_mm * scale" :y="2 + p.y_mm * scale" :width="p.length_mm * scale" :height="p.width_mm * scale" class="part" />
            <text
                v-if="p.length_mm * scale > 20 && p.width_mm * scale > 13"
                :x="2 + (p.x_mm + p.length_mm / 2) * scale"
                :y="6 + (p.y_mm + p.width_mm / 2) * scale"
                text-anchor="middle"
            >
                {{ p.label }}
            </text>
        </g>
        <text x="2" :y="sheet.width * scale + 18" class="size">
            {{ show(sheet.length, project.unit) }} × {{ show(sheet.width, project.unit) }}
        </text>
    </svg>
</template>

<style scoped>
.sheet {
    fill: var(--sheet-fill);
    stroke: var(--ink);
    stroke-width: 1.4;
}
.part {
    fill: var(--board-fill);
    stroke: var(--ink);
    stroke-width: 0.9;
}
text {
    font-size: 12px;
    font-weight: 650;
    fill: var(--ink);
}
.size {
    font-weight: 400;
    fill: var(--soft);
}
</style>
