<script setup lang="ts">
import type { Figure } from '../api/plan';
import type { Unit } from '../measure/read';
import { also, inches, show } from '../measure/show';
import { capitalised } from '../measure/words';
import Trail from './Trail.vue';

defineProps<{ name: string; figure: Figure; unit: Unit }>();
</script>

<template>
    <section class="tape-paper" :aria-label="`${name}: ${show(figure.mm, unit)} ${unit}`">
        <div class="what">{{ capitalised(name) }}</div>
        <div class="big">
            <template v-if="!figure.exact">≈ </template>
            <template v-if="unit === 'in'">
                {{ inches(figure.mm).sign }}{{ inches(figure.mm).whole }}
                <span v-if="inches(figure.mm).top" class="fraction"
                    ><sup>{{ inches(figure.mm).top }}</sup
                    >⁄<sub>{{ inches(figure.mm).bottom }}</sub></span
                >
            </template>
            <template v-else>{{ show(figure.mm, unit) }}</template>
            <small>{{ unit }}</small>
        </div>
        <div class="alt">{{ also(figure.mm, unit) }}</div>
        <Trail :trail="figure.trail" :unit="unit" />
        <slot />
    </section>
</template>

<style scoped>
.fraction {
    font-size: 28px;
    letter-spacing: -1px;
}
.fraction sup,
.fraction sub {
    font-size: 20px;
}
</style>
