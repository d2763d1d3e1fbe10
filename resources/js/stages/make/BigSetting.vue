<script setup lang="ts">
import { computed } from 'vue';
import type { Unit } from '../../measure/read';
import { inches, show } from '../../measure/show';

/** What the fence or the stop is set to, read from two steps away. */
const props = defineProps<{ mm: number; unit: Unit }>();
const isLong = computed(() => props.unit === 'mm' && show(props.mm, 'mm').length > 5);
</script>

<template>
    <p class="set" :class="{ long: isLong }" :aria-label="`set to ${show(mm, unit)} ${unit}`">
        <template v-if="unit === 'in'">
            {{ inches(mm).whole }}<span v-if="inches(mm).top" class="frac"> {{ inches(mm).top }}/{{ inches(mm).bottom }}</span>
        </template>
        <template v-else>{{ show(mm, 'mm') }}</template>
        <small>{{ unit }}</small>
    </p>
</template>

<style scoped>
.set {
    font-size: clamp(84px, 13vw, 168px);
    line-height: 1;
    font-weight: 700;
    margin: 14px 0;
    font-stretch: 80%;
    white-space: nowrap;
}
.set.long {
    font-size: clamp(64px, 9.5vw, 132px);
}
.set small {
    font-size: 26px;
    font-weight: 500;
    margin-left: 8px;
}
.frac {
    font-size: 0.5em;
}
</style>
