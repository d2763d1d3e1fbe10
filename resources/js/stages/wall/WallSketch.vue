<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Drawing, Walked } from '../../api/plan';
import DrawingView from '../../draw/DrawingView.vue';
import { commonScale } from '../../draw/frame';
import { again } from '../../project/entry';
import { useProject } from '../../project/store';
import { useSize } from '../../ui/size';

/** Where to hold the tape: the view that shows it, this reading alone. */
const props = defineProps<{ reading: Walked }>();
const project = useProject();
const box = ref<HTMLElement | null>(null);
const size = useSize(box, { width: 390, height: 230 });

const drawing = computed<Drawing | null>(() => {
    const whole = project.plan?.drawings[project.space?.[0] ?? '']?.[props.reading.view];
    if (!whole) return null;
    const items = whole.items.filter((i) => i.kind !== 'ribbon' && (i.kind !== 'reading' || i.ref === props.reading.id));
    // Once more, and nobody is to be led by what was read before.
    return {
        ...whole,
        items: again.value ? items.map((i) => (i.kind === 'reading' ? { ...i, value: undefined, deg: undefined } : i)) : items,
    };
});
const scale = computed(() => (drawing.value ? commonScale([drawing.value], size.value.width - 4, size.value.height - 4) : 0.1));
</script>

<template>
    <div ref="box" class="sketch">
        <DrawingView
            v-if="drawing"
            :drawing="drawing"
            :scale="scale"
            :unit="project.unit"
            :picked="reading.id"
            :label="`where to hold the tape, seen from ${reading.view === 'top' ? 'above' : reading.view === 'side' ? 'the side' : 'the front'}`"
        />
    </div>
</template>

<style scoped>
.sketch {
    display: grid;
    place-items: center;
    background: var(--sheet);
    overflow: hidden;
    min-height: 0;
    pointer-events: none;
}
</style>
