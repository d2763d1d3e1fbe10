<script setup lang="ts">
import { ref } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthField from '../../ui/LengthField.vue';
import { lowestWidth, readingAdded } from './readings';

/** One more width, at any height, at the front or back; or the plumb of a side up to any height. */
const project = useProject();
const kind = ref<'width' | 'back' | 'left' | 'right'>('width');

async function add(mm: number): Promise<void> {
    const [id, space] = project.space!;
    const reading =
        kind.value === 'width' || kind.value === 'back'
            ? { kind: 'width', z: mm, plane: kind.value === 'back' ? 'back' : 'front', order: 'w' }
            : { kind: 'plumb', side: kind.value, from_z: lowestWidth(space), z: mm, order: 'x' };
    await project.change(readingAdded(id, reading));
}
</script>

<template>
    <h4>One more reading</h4>
    <Choice
        label="kind of reading"
        :value="kind"
        :options="[
            { value: 'width', label: 'Width' },
            { value: 'back', label: 'Back width' },
            { value: 'left', label: 'Plumb left' },
            { value: 'right', label: 'Plumb right' },
        ]"
        @choose="(k) => (kind = k)"
    />
    <div class="ch at">
        <span>at height</span>
        <LengthField
            :model-value="null"
            :unit="project.documentUnit"
            label="height of the new reading"
            :placeholder="project.documentUnit === 'in' ? '66' : '1700'"
            :keep="add"
        />
    </div>
</template>

<style scoped>
.at {
    margin-top: 10px;
}
</style>
