<script setup lang="ts">
import { computed } from 'vue';
import { word } from '../measure/words';
import { useProject } from '../project/store';
import LimitOf from './LimitOf.vue';
import { limits } from './limits';

/** Every limit that a person may set, also of rules that have nothing to say. */
const project = useProject();
const own = computed(() => Object.keys(project.document?.limits ?? {}).length);
</script>

<template>
    <details class="limits">
        <summary>Limits{{ own ? `, ${own} of your own` : '' }}</summary>
        <div v-for="(_, code) in limits" :key="code" class="one">
            <span>{{ word(`limit.${code}`, project.unit) }}</span>
            <LimitOf :code="String(code)" open />
        </div>
    </details>
</template>

<style scoped>
.limits {
    padding: 8px 20px 12px;
    font-size: 13.5px;
}
summary {
    cursor: pointer;
    font-weight: 600;
}
.one {
    display: grid;
    grid-template-columns: minmax(220px, 340px) 1fr;
    gap: 12px;
    align-items: center;
    padding: 3px 0;
    border-bottom: 1px solid var(--rule);
}
</style>
