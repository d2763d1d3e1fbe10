<script setup lang="ts">
import { computed } from 'vue';
import type { LibraryEntry } from '../../api/client';
import { show } from '../../measure/show';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';

/** One entry of the library, with what its maker says of it. */
const props = defineProps<{ entry: LibraryEntry; usable: boolean }>();
const emit = defineEmits<{ use: []; drop: [] }>();
const project = useProject();
const sizes = computed(() =>
    (['width', 'depth', 'height'] as const).map((s) => props.entry[s]).map((mm) => (mm === null ? '–' : show(mm, project.unit))),
);
const facts = computed(() => {
    const e = props.entry;
    return [
        e.kind === null ? `${e.count} of them, ${e.often}` : word(`library.${e.kind}`),
        e.kg ? `${e.kg} kg${e.kind === null ? ' each' : ''}` : '',
        e.rating === null ? '' : `rated ${e.rating} ${e.kind === 'strut' ? 'N' : 'kg'}`,
        e.clearance === null ? '' : `${show(e.clearance, project.unit)} clear`,
        e.fixes_to === 'nothing' || e.kind === null ? '' : `fixed by ${word(`fixes_to.${e.fixes_to}`)}`,
        e.watts ? `${e.watts} W` : '',
        e.hazard ? 'out of a child’s reach' : '',
        e.note,
    ].filter(Boolean);
});
</script>

<template>
    <li>
        <span>
            <b>{{ entry.name }}</b> <span v-if="sizes.some((s) => s !== '–')" class="num">{{ sizes.join(' × ') }}</span>
            <small class="soft">{{ facts.join(' · ') }}</small>
        </span>
        <span class="acts">
            <button v-if="usable" class="linkish" :aria-label="`use ${entry.name} here`" @click="emit('use')">Use here</button>
            <button v-if="entry.id" class="linkish" :aria-label="`take ${entry.name} out of the library`" @click="emit('drop')">
                Take out
            </button>
            <small v-else class="soft">generic</small>
        </span>
    </li>
</template>

<style scoped>
li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 5px 4px;
    border-bottom: 1px solid var(--rule);
    font-size: 13.5px;
}
small {
    display: block;
}
.acts {
    display: flex;
    gap: 12px;
    align-items: start;
    white-space: nowrap;
}
</style>
