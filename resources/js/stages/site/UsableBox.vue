<script setup lang="ts">
import Button from 'primevue/button';
import { computed } from 'vue';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import Fold from '../../ui/Fold.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import { say } from '../../measure/say';

/** What a box could take up over a footprint placed anywhere in the space. */
const project = useProject();
const guarded = useRefusals();
const print = computed(() => project.space![1].footprint);
const usable = computed(() => project.site!.usable);
const path = (key?: string): string[] => ['spaces', project.space![0], 'footprint', ...(key ? [key] : [])];
const fields = [
    { key: 'x', label: say('from the left') },
    { key: 'y', label: say('from the back') },
    { key: 'width', label: say('wide') },
    { key: 'depth', label: say('deep') },
] as const;
const inTheWay = computed(() => project.site!.things.filter((t) => usable.value?.in_the_way.includes(t.id)).length);

function begin(): void {
    const inches = project.documentUnit === 'in';
    const size = inches ? { width: 609.6, depth: 304.8 } : { width: 600, depth: 300 };
    void guarded(project.set(path(), { x: 0, y: 0, ...size }));
}
</script>

<template>
    <Fold title="A footprint anywhere">
        <Button v-if="!print" label="Lay one out" size="small" severity="secondary" @click="begin" />
        <template v-else>
            <LengthRow
                v-for="f in fields"
                :key="f.key"
                :title="f.label"
                :label="`footprint ${f.label}`"
                :value="print[f.key]"
                :path="path(f.key)"
            />
            <dl v-if="usable" class="usable">
                <dt>clear height above it</dt>
                <dd>{{ usable.clear_height === null ? 'no height read' : show(usable.clear_height, project.unit) }}</dd>
                <dt>high point of its floor</dt>
                <dd>{{ show(usable.floor_high, project.unit) }}</dd>
                <dt>floor falls under it by</dt>
                <dd>{{ show(usable.floor_fall, project.unit) }}</dd>
                <dt>plumb clear to the left</dt>
                <dd>{{ show(usable.left, project.unit) }}</dd>
                <dt>plumb clear to the right</dt>
                <dd>{{ show(usable.right, project.unit) }}</dd>
                <dt>things in its way</dt>
                <dd>{{ inTheWay }}</dd>
            </dl>
            <Button label="Take it up" size="small" severity="secondary" @click="guarded(project.set(path(), null))" />
        </template>
    </Fold>
</template>

<style scoped>
.usable {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 2px 10px;
    font-size: 12.5px;
    margin: 8px 0;
}
dt {
    color: var(--soft);
}
dd {
    margin: 0;
    text-align: right;
}
</style>
