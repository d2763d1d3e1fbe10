<script setup lang="ts">
import type { Frame } from '../../draw/frame';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';

/** What is packed under each support, on the view from above. */
defineProps<{ frame: Frame }>();
const project = useProject();
</script>

<template>
    <g class="shims">
        <template v-for="s in project.fitted!.supports" :key="s.under">
            <g
                v-for="[y, shim] in [
                    [s.rear, s.shim_rear],
                    [s.front, s.shim_front],
                ]"
                :key="y"
            >
                <circle :cx="frame.x(s.x)" :cy="frame.y(-y!)" r="3.5" />
                <text :x="frame.x(s.x)" :y="frame.y(-y!) + (y === s.rear ? -8 : 18)" text-anchor="middle">{{
                    show(shim!, project.unit)
                }}</text>
            </g>
        </template>
    </g>
</template>

<style scoped>
.shims circle {
    fill: var(--chalk);
}
.shims text {
    fill: var(--chalk);
    font-weight: 650;
}
</style>
