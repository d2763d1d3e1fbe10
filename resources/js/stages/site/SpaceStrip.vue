<script setup lang="ts">
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { api, type SpaceKind } from '../../api/client';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import SpaceKindChoice from '../../ui/SpaceKindChoice.vue';

/** The spaces of the project, and one more. */
const onWay = defineModel<boolean>({ required: true });
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const asking = ref(false);
const kind = ref<SpaceKind>('niche');
const name = ref('');
const here = computed(() => project.space?.[0]);

function go(id: string): void {
    picked.value = null;
    project.chosenSpace = id;
    onWay.value = false;
}

function walkIn(): void {
    picked.value = null;
    onWay.value = true;
}

async function add(): Promise<void> {
    await guarded(
        (async () => {
            const start = await api.spaceStart(project.line!.id, kind.value, name.value.trim());
            await project.change(...start.ops);
            go(start.space);
            asking.value = false;
            name.value = '';
        })(),
    );
}
</script>

<template>
    <nav class="strip" aria-label="spaces">
        <button
            v-for="[id, s] in project.spaces"
            :key="id"
            :class="{ on: id === here && !onWay }"
            :aria-current="id === here && !onWay"
            @click="go(id)"
        >
            {{ s.name }}
        </button>
        <button :class="{ on: onWay }" :aria-current="onWay" @click="walkIn">The way in</button>
        <button class="more" @click="asking = true">+ Another space</button>
    </nav>
    <Dialog v-model:visible="asking" modal header="Another space" :style="{ width: '640px' }">
        <form class="new" @submit.prevent="add">
            <SpaceKindChoice :value="kind" @choose="(k) => (kind = k)" />
            <label>Name <InputText v-model="name" maxlength="120" required placeholder="Right niche" /></label>
            <Button type="submit" label="Add it" :disabled="name.trim() === ''" />
        </form>
    </Dialog>
</template>

<style scoped>
.new {
    display: grid;
    gap: 12px;
    justify-items: start;
}
.new label {
    display: grid;
    gap: 4px;
}
.new input {
    width: 320px;
}
</style>
