<script setup lang="ts">
import { computed } from 'vue';
import { show } from '../../measure/show';
import { capitalised, render, word } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { edgeRef } from './edges';
import { say } from '../../measure/say';

/** Every place where the piece meets the house, with its gap and what closes it. */
const props = defineProps<{ chosen: string }>();
const project = useProject();
const picked = usePicked();

const rows = computed(() =>
    Object.entries(project.fitted!.edges).map(([key, edge]) => {
        const proposed = edge.ways.find((w) => w.because !== null);
        const part = edge.part ? project.plan!.parts.find((p) => p.id === edge.part) : undefined;
        return {
            key,
            name: part
                ? `${render(part.name, project.unit)}, ${word(`edge.of_slab.${edge.edge}`)}`
                : capitalised(word(`edge.${edge.edge}`)),
            gap: `${show(edge.least, project.unit)} – ${show(edge.greatest, project.unit)}`,
            kind: edge.kind ? word(`way.name.${edge.kind}`) : edge.ways.length > 0 ? say('open') : '',
            other: proposed && edge.kind !== null && proposed.kind !== edge.kind,
        };
    }),
);
const unread = computed(() => ['top', 'base', 'back'].filter((k) => !(k in project.fitted!.edges)));
const isChosen = (key: string): boolean => key === props.chosen;
</script>

<template>
    <section class="bears">
        <h4>Where it meets the house</h4>
        <ul class="pick-list">
            <li v-for="r in rows" :key="r.key" :class="{ on: isChosen(r.key) }">
                <button class="linkish" :aria-current="isChosen(r.key)" @click="picked = edgeRef(project.piece![0], r.key)">
                    {{ r.name }}
                </button>
                <span class="num">
                    {{ r.gap }} <b>{{ r.kind }}</b><span
                        v-if="r.other"
                        v-tooltip.left="'Another way is proposed'"
                        class="other"
                        aria-label="another way is proposed"
                        >*</span
                    >
                </span>
            </li>
        </ul>
        <p v-if="unread.length" class="soft small">
            Not read yet: {{ unread.map((k) => word(`edge.${k}`)).join(', ') }}. Heights, floor level and gaps on the back wall tell, on
            Site.
        </p>
    </section>
</template>

<style scoped>
b {
    font-weight: 650;
    margin-left: 4px;
}
.other {
    color: var(--ochre-text);
    font-weight: 700;
}
.small {
    font-size: 12.5px;
    margin: -6px 0 0;
}
</style>
