<script setup lang="ts">
import { computed } from 'vue';
import type { Operation } from '../api/client';
import { render } from '../measure/words';
import { useProject } from '../project/store';
import { useRefusals } from './refusals';
import { isOpen } from './severity';

/** What the findings say of some things, where they are looked at; what is accepted is not said again. */
const props = defineProps<{ refs: readonly string[] }>();
const project = useProject();
const guarded = useRefusals();
const found = computed(() => (project.plan?.findings ?? []).filter((f) => isOpen(f) && props.refs.includes(f.place.ref)));
</script>

<template>
    <p v-for="(f, i) in found" :key="`${f.code} ${i}`" class="wrong" :class="f.severity">
        {{ render(f.says, project.unit) }} <span class="soft">{{ render(f.remedy, project.unit) }}</span>
        <button v-if="f.fix" class="linkish" @click="guarded(project.change(...(f.fix.ops as Operation[])))">
            {{ render(f.fix.does, project.unit) }}
        </button>
    </p>
</template>

<style scoped>
.wrong {
    margin: 6px 0 4px;
    font-size: 13px;
    font-weight: 650;
}
.stop {
    color: var(--brick);
}
.look {
    color: var(--ochre-text);
}
.soft {
    font-weight: 400;
}
</style>
