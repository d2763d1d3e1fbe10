<script setup lang="ts">
import type { Line } from '../api/plan';
import type { Unit } from '../measure/read';
import { show } from '../measure/show';
import { render } from '../measure/words';
import { usePicked } from './picked';

defineProps<{ trail: readonly Line[]; unit: Unit }>();
const picked = usePicked();
const signs: Record<Line['op'], string> = { start: '', plus: '+', minus: '−', times: '×', over: '÷', equals: '=' };
</script>

<template>
    <div class="trail">
        <template v-for="(line, i) in trail" :key="i">
            <span v-if="line.op === 'equals'" class="under" />
            <span class="soft">{{ signs[line.op] }}</span>
            <span class="num" :class="{ sum: line.op === 'equals' }">{{ line.mm === undefined ? line.count : show(line.mm, unit) }}</span>
            <button v-if="line.ref" class="linkish" @click="picked = line.ref">{{ render(line.why, unit) }}</button>
            <span v-else :class="{ sum: line.op === 'equals' }">{{ render(line.why, unit) }}</span>
        </template>
    </div>
</template>

<style scoped>
.trail .linkish {
    padding: 0;
    color: inherit;
    text-decoration: underline dotted var(--chalk);
    text-underline-offset: 3px;
}
</style>
