<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import BoardDrawings from '../../ui/BoardDrawings.vue';
import LengthField from '../../ui/LengthField.vue';
import { usePicked } from '../../ui/picked';
import { neighbour, takeOf } from './readings';
import SiteTally from './SiteTally.vue';

const project = useProject();
const picked = usePicked();
const view = ref('front');

const walk = computed(() => project.site?.walk ?? []);
const reading = computed(() => walk.value.find((r) => r.id === picked.value) ?? null);
const drawing = computed(() => (project.space ? project.plan?.drawings[project.space[0]]?.[view.value] : undefined));
const doubted = computed(() => project.plan?.findings.filter((f) => f.code.startsWith('survey.reading')).map((f) => f.place.ref) ?? []);

// Depths are seen from above, everything else from the front: the view follows the tape.
watch(reading, (now) => now && (view.value = now.kind === 'depth' ? 'top' : 'front'), { immediate: true });

const keep = (mm: number, typed: string): Promise<void> => project.change(...takeOf(reading.value!, mm, typed));
const go = (step: 1 | -1): void => void (picked.value = neighbour(walk.value, picked.value, step));
</script>

<template>
    <BoardDrawings
        v-if="drawing"
        :drawings="[{ drawing, label: view === 'top' ? 'niche from above' : 'niche from the front' }]"
        :views="[
            { key: 'front', label: 'Front' },
            { key: 'top', label: 'From above' },
        ]"
        :view="view"
        :title="view === 'top' ? 'From above' : 'Front, from the room'"
        :doubted="doubted"
        @view="(v) => (view = v)"
    >
        <template #entry>
            <LengthField
                v-if="reading"
                :key="reading.id"
                eager
                :model-value="reading.value"
                :unit="project.documentUnit"
                :label="render(reading.name, project.unit)"
                :keep="keep"
                @next="go(1)"
                @back="go(-1)"
                @leave="picked = null"
            />
        </template>
    </BoardDrawings>
    <SiteTally @next="go" />
</template>
