<script setup lang="ts">
import { computed } from 'vue';
import type { Edge } from '../../api/document';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthField from '../../ui/LengthField.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';

const props = defineProps<{ side: 'left' | 'right' }>();
const project = useProject();
const guarded = useRefusals();
const picked = usePicked();

const id = computed(() => project.piece![0]);
const edge = computed(() => project.piece![1][props.side]);
const fitted = computed(() => project.fitted!.edges[props.side]);

const kinds: { value: Edge['kind']; label: string; hint: string }[] = [
    { value: 'filler', label: 'Filler', hint: 'A strip fixed to the carcass and scribed to the wall' },
    { value: 'extended_stile', label: 'Stile', hint: 'Extended stile: the frame runs past the carcass to the wall, scribed' },
    { value: 'scribed_side', label: 'Scribe', hint: 'Scribed side: the side carries a lip that is cut to the wall' },
    { value: 'trim', label: 'Trim', hint: 'A moulding covers the gap' },
    { value: 'play', label: 'Play', hint: 'The gap is left clear, caulked or not' },
];

/** A new kind comes with its usual set-off, which may then be changed. */
const choose = (kind: Edge['kind']): Promise<boolean> =>
    guarded(project.set(['pieces', id.value, props.side], { kind, set_off: project.fitted!.usual_set_off[kind] }));
const keep = (mm: number): Promise<void> => project.set(['pieces', id.value, props.side, 'set_off'], mm);
</script>

<template>
    <section class="bears">
        <h4>
            {{ side === 'left' ? 'Left' : 'Right' }} edge
            <button class="linkish" @click="picked = `${id}/${side}`">
                gap {{ show(fitted.least, project.unit) }} to {{ show(fitted.greatest, project.unit) }}
            </button>
        </h4>
        <Choice :label="`${side} edge`" :value="edge.kind" :options="kinds" @choose="choose" />
        <div class="ch at">
            <span>least set-off</span>
            <LengthField :model-value="edge.set_off" :unit="project.documentUnit" :label="`${side} set-off`" :keep="keep" />
        </div>
    </section>
</template>

<style scoped>
.at {
    margin-top: 8px;
}
</style>
