<script setup lang="ts">
import Dialog from 'primevue/dialog';
import { computed, ref, watch } from 'vue';
import { api, type PieceStart } from '../../api/client';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';

/** Pieces to begin from, those that suit the space first; one click fits it to the measured space, and undo brings back what stood. */
const shown = defineModel<boolean>({ required: true });
const project = useProject();
const guarded = useRefusals();
const picked = usePicked();
const starters = ref<Record<string, PieceStart>>({});
const busy = ref('');

watch(
    shown,
    (now) => now && Object.keys(starters.value).length === 0 && void guarded(api.pieceStarts().then((all) => (starters.value = all))),
);

const kind = computed(() => project.space?.[1].kind);
const lines = computed(() => {
    const all = Object.entries(starters.value).map(([key, s]) => ({
        key,
        name: s.name,
        suits: !!kind.value && s.spaces.includes(kind.value),
    }));
    return [all.filter((s) => s.suits), all.filter((s) => !s.suits)] as const;
});

async function take(key: string): Promise<void> {
    busy.value = key;
    const done = await guarded(api.pieceStart(project.line!.id, key, project.space![0]).then(({ ops }) => project.change(...ops)));
    busy.value = '';
    if (!done) return;
    picked.value = null;
    project.chosenPiece = null;
    shown.value = false;
}
</script>

<template>
    <Dialog v-model:visible="shown" modal :header="`Begin from a starter in ${project.space?.[1].name ?? ''}`" :style="{ width: '620px' }">
        <p class="soft">It takes its width, height and depth from the measured space, and the place of what is planned there now.</p>
        <template v-for="(group, g) in lines" :key="g">
            <h4 v-if="group.length">{{ g === 0 ? 'For a space like this' : 'Made for other spaces' }}</h4>
            <ul class="pick-list">
                <li v-for="s in group" :key="s.key">
                    <button class="linkish" :disabled="busy !== ''" @click="take(s.key)">{{ s.name }}</button>
                    <span v-if="busy === s.key" class="soft">fitting…</span>
                </li>
            </ul>
        </template>
    </Dialog>
</template>

<style scoped>
h4 {
    font-size: 13px;
    margin: 10px 0 4px;
}
</style>
