<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { ref } from 'vue';
import type { Walked } from '../../api/plan';
import { useProject } from '../../project/store';
import { useRefusals } from '../../ui/refusals';
import { struck } from '../../project/facts';
import { noteOf } from '../../project/readings';

/** What was noted about a reading; a note is kept with its time and never erased. */
const props = defineProps<{ reading: Walked }>();
const project = useProject();
const guarded = useRefusals();
const text = ref('');

const photo = (id: string): string => `/api/projects/${project.line!.id}/photos/${id}`;

async function keep(): Promise<void> {
    const said = text.value.trim();
    if (said === '') return;
    if (await guarded(project.change(noteOf(props.reading.id, said, new Date().toISOString())))) text.value = '';
}
</script>

<template>
    <ul v-if="reading.notes.length" class="notes" aria-label="notes">
        <li v-for="n in reading.notes" :key="n.id">
            {{ n.text }}
            <button class="linkish" :aria-label="`strike out the note ${n.text}`" @click="guarded(project.change(struck(n.id)))">
                Strike out
            </button>
        </li>
    </ul>
    <div v-if="reading.photos.length" class="photos" aria-label="photos">
        <a v-for="p in reading.photos" :key="p.id" :href="photo(p.photo)" target="_blank" rel="noopener">
            <img :src="`${photo(p.photo)}?thumb=1`" :alt="p.caption ?? 'photo of this reading'" loading="lazy" />
        </a>
    </div>
    <InputText
        v-model="text"
        class="note"
        size="small"
        maxlength="500"
        aria-label="note"
        placeholder="Note: tape over the cable, …"
        @keydown.enter.prevent.stop="keep"
        @blur="keep"
    />
</template>

<style scoped>
.notes {
    list-style: none;
    margin: 10px 0 0;
    padding: 0;
    font-size: 13px;
}
.photos {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-top: 8px;
}
.photos img {
    height: 64px;
    border: 1px solid var(--rule);
}
.note {
    margin-top: 8px;
    width: 100%;
}
</style>
