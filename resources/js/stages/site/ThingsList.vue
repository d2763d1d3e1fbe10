<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed, ref } from 'vue';
import { api, type ThingKind } from '../../api/client';
import { capitalised, render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { thingKinds } from './thingKinds';
import { word } from './things';

/** Everything in the way in this space, with what is done about it, and one more. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const adding = ref<ThingKind>('baseboard');
const things = computed(() => project.site?.things ?? []);
const kinds = thingKinds.map((kind) => ({ kind, label: capitalised(word(`thing.${kind}`)) }));

async function add(): Promise<void> {
    await guarded(
        (async () => {
            const start = await api.thingStart(project.line!.id, adding.value, project.space![0]);
            await project.change(...start.ops);
            picked.value = start.id;
        })(),
    );
}
</script>

<template>
    <h4>In the way</h4>
    <ul class="pick-list">
        <li v-for="t in things" :key="t.id" :class="{ on: t.id === picked }">
            <button class="linkish" @click="picked = t.id">{{ capitalised(render(t.name, project.unit)) }}</button>
            <span :class="{ open: t.treatment === null }">{{
                t.treatment === null ? 'to be decided' : word(`treatment.${t.treatment}`).toLowerCase()
            }}</span>
        </li>
    </ul>
    <div class="add-row">
        <Select
            v-model="adding"
            :options="kinds"
            option-label="label"
            option-value="kind"
            size="small"
            filter
            aria-label="thing in the way"
        />
        <Button label="Add" size="small" severity="secondary" @click="add" />
    </div>
</template>

<style scoped>
.open {
    color: var(--ochre-text);
    font-weight: 600;
}
</style>
