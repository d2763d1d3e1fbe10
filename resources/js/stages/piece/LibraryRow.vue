<script setup lang="ts">
import { computed } from 'vue';
import type { LibraryEntry } from '../../api/client';
import { show } from '../../measure/show';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';

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
        e.kind === null ? say('{0} of them, {1}', e.count, e.often) : word(`library.${e.kind}`),
        e.kg ? (e.kind === null ? say('{0} kg each', e.kg) : say('{0} kg', e.kg)) : '',
        e.rating === null ? '' : say('rated {0} {1}', e.rating, e.kind === 'strut' ? 'N' : 'kg'),
        e.clearance === null ? '' : say('{0} clear', show(e.clearance, project.unit)),
        e.fixes_to === 'nothing' || e.kind === null ? '' : say('fixed by {0}', word(`fixes_to.${e.fixes_to}`)),
        e.watts ? `${e.watts} W` : '',
        e.hazard ? say('out of a child’s reach') : '',
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
