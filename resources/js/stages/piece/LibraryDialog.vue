<script setup lang="ts">
import Dialog from 'primevue/dialog';
import InputText from 'primevue/inputtext';
import { useToast } from 'primevue/usetoast';
import { computed, ref, watch } from 'vue';
import { api, type LibraryEntry } from '../../api/client';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import { useRefusals } from '../../ui/refusals';
import LibraryForm from './LibraryForm.vue';
import LibraryRow from './LibraryRow.vue';
import { type LibraryPlace, useOf } from './library';
import FileLink from '../../ui/FileLink.vue';
import { say } from '../../measure/say';

/** Bought things and things to store: ours and the household’s own, used in the bay in hand, added to, taken out and brought in as a list. */
const shown = defineModel<boolean>({ required: true });
const props = defineProps<{ place: LibraryPlace; label: string }>();
const project = useProject();
const guarded = useRefusals();
const toast = useToast();
const all = ref<{ shipped: LibraryEntry[]; own: LibraryEntry[] }>({ shipped: [], own: [] });
const what = ref<'here' | 'bought' | 'stored'>('here');
const sought = ref('');
const adding = ref(false);
const file = ref<HTMLInputElement | null>(null);

const look = async (): Promise<void> => void (all.value = await api.library(project.line!.id));
watch(shown, (now) => now && void guarded(look()), { immediate: true });

const ops = (e: LibraryEntry): ReturnType<typeof useOf> => useOf(e, props.place, project.document!);
const isMeant = (e: LibraryEntry): boolean =>
    (what.value === 'here' ? ops(e) !== null : (e.kind === null) === (what.value === 'stored')) &&
    e.name.toLowerCase().includes(sought.value.trim().toLowerCase());
const entries = computed(() => [...all.value.own, ...all.value.shipped].filter(isMeant));

async function use(entry: LibraryEntry): Promise<void> {
    if (await guarded(project.change(...ops(entry)!))) shown.value = false;
}
const drop = (entry: LibraryEntry): Promise<boolean> => guarded(api.takeFromLibrary(project.line!.id, entry.id!).then(look));

async function bring(): Promise<void> {
    const chosen = file.value?.files?.[0];
    if (!chosen) return;
    const text = await chosen.text();
    await guarded(
        api.bringLibrary(project.line!.id, text).then(async ({ kept }) => {
            await look();
            toast.add({
                severity: 'success',
                summary: say('Kept'),
                detail: say('{0} entries of {1} are in your library.', kept, chosen.name),
                life: 6000,
            });
        }),
    );
    file.value!.value = '';
}
</script>

<template>
    <Dialog v-model:visible="shown" modal :header="`From the library, for bay ${label}`" :style="{ width: '760px' }">
        <div class="tools">
            <Choice
                label="what is listed"
                :value="what"
                :options="[
                    { value: 'here', label: 'Fits this bay' },
                    { value: 'bought', label: 'All bought things' },
                    { value: 'stored', label: 'All things to store' },
                ]"
                @choose="(v) => (what = v)"
            />
            <InputText v-model="sought" size="small" placeholder="search" aria-label="search the library" />
            <button class="linkish" @click="adding = !adding">{{ adding ? 'Not now' : 'Add one of yours' }}</button>
        </div>
        <LibraryForm v-if="adding" @kept="((adding = false), guarded(look()))" />
        <p v-if="!entries.length" class="soft">
            Nothing here says anything of such a bay. Choose what the bay holds first, or look through all of them.
        </p>
        <ul class="entries" aria-label="library">
            <LibraryRow
                v-for="e in entries"
                :key="e.id ?? `ours ${e.kind} ${e.name}`"
                :entry="e"
                :usable="ops(e) !== null"
                @use="use(e)"
                @drop="drop(e)"
            />
        </ul>
        <div class="tools">
            <FileLink class="linkish" :to="`/api/projects/${project.line!.id}/library.csv`">Take yours as a list (CSV)</FileLink>
            <label class="linkish">
                Bring a list (CSV)
                <input ref="file" type="file" accept=".csv,text/csv" aria-label="bring a list into the library" @change="bring" />
            </label>
            <span class="soft">What has the name of one of yours takes its place.</span>
        </div>
    </Dialog>
</template>

<style scoped>
.tools {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    margin: 4px 0 10px;
    font-size: 13px;
}
.entries {
    list-style: none;
    margin: 0 0 12px;
    padding: 0;
    max-height: 46vh;
    overflow-y: auto;
    border-top: 1px solid var(--rule);
}
input[type='file'] {
    position: absolute;
    opacity: 0;
    width: 1px;
}
label:focus-within {
    outline: 2px solid var(--chalk);
}
</style>
