<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import type { Thing } from '../../api/document';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import Fold from '../../ui/Fold.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';

/** The profile of a moulding, point by point from the floor up. */
const props = defineProps<{ thing: Thing; path: readonly string[] }>();
const project = useProject();
const guarded = useRefusals();
const points = computed(() => Object.entries(props.thing.profile ?? {}).sort(([, a], [, b]) => a.up - b.up));

function add(): void {
    const last = points.value.at(-1)?.[1];
    const value = last ? { up: last.up, out: Math.max(0, last.out - 3) } : { up: 0, out: props.thing.out };
    void guarded(project.change({ op: 'add', path: [...props.path, 'profile', ulid()], value }));
}
const remove = (id: string): Promise<boolean> => guarded(project.change({ op: 'remove', path: [...props.path, 'profile', id] }));
</script>

<template>
    <Fold title="Profile, from the floor up">
        <div v-for="([id, p], i) in points" :key="id" class="point">
            <LengthRow title="at height" :label="`height of point ${i + 1}`" :value="p.up" :path="[...path, 'profile', id, 'up']" />
            <LengthRow title="stands out" :label="`projection of point ${i + 1}`" :value="p.out" :path="[...path, 'profile', id, 'out']">
                <button class="linkish" @click="remove(id)">Remove</button>
            </LengthRow>
        </div>
        <Button label="Add a point" size="small" severity="secondary" @click="add" />
    </Fold>
</template>

<style scoped>
.point {
    border-bottom: 1px solid var(--rule);
    margin-bottom: 8px;
}
</style>
