<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref, watch } from 'vue';
import { api } from '../../api/client';
import { photoOf } from '../../project/photo';
import { useProject } from '../../project/store';
import MarkedDrawing from '../../ui/MarkedDrawing.vue';
import { say } from '../../measure/say';

/** A photo of something, with a mark on the drawing where it was taken. */
const props = defineProps<{ about: string }>();
const project = useProject();
const file = ref<File | null>(null);
const caption = ref('');
const mark = ref<{ drawing: string; view: string; x: number; y: number } | null>(null);
const refusal = ref('');
/** The piece it is about, or the first; a room where there is no piece. */
const drawn = computed(() => {
    const pieces = Object.keys(project.plan!.pieces);
    const id = pieces.includes(props.about)
        ? props.about
        : (project.plan!.parts.find((p) => p.id === props.about)?.piece ?? project.piece?.[0] ?? '');
    const drawing = project.plan!.drawings[id]?.front;
    return drawing ? { id, drawing } : null;
});
watch(drawn, (now, before) => {
    if (now?.id !== before?.id) mark.value = null;
});
const set = (at: { x: number; y: number }): void => {
    mark.value = { drawing: drawn.value!.id, view: 'front', ...at };
};
async function keep(): Promise<void> {
    try {
        if (!file.value) throw new Error(say('No picture was chosen; expected a JPEG or PNG.'));
        const of = {
            kind: 'picture' as const,
            about: props.about,
            ...(caption.value.trim() ? { caption: caption.value.trim() } : {}),
            ...(mark.value ? { mark: mark.value } : {}),
        };
        const { op, blob, photo } = await photoOf(file.value, of);
        await api.keepPhoto(project.line!.id, photo, blob);
        await project.change(op);
        [file.value, caption.value, mark.value, refusal.value] = [null, '', null, ''];
    } catch (error) {
        refusal.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <form @submit.prevent="keep">
        <label class="ch">
            <span>Picture</span>
            <input
                type="file"
                accept="image/*"
                aria-label="picture"
                @change="file = ($event.target as HTMLInputElement).files?.[0] ?? null"
            />
        </label>
        <label class="ch">
            <span>Caption</span>
            <InputText v-model="caption" size="small" maxlength="200" aria-label="caption" />
        </label>
        <template v-if="drawn">
            <p class="soft">{{ mark ? 'Marked; press elsewhere to move the mark.' : 'Press on the drawing where it was taken.' }}</p>
            <MarkedDrawing
                class="press"
                :drawing="drawn.drawing"
                label="where it was taken"
                :width="280"
                :height="300"
                :marks="mark ? [{ ...mark, text: '' }] : []"
                @press="set"
            />
        </template>
        <Button type="submit" label="Keep the photo" size="small" severity="secondary" />
        <p v-if="refusal" role="alert" class="bad">{{ refusal }}</p>
    </form>
</template>

<style scoped>
.ch {
    margin-top: 6px;
}
input[type='file'] {
    font: inherit;
    min-width: 0;
    max-width: 190px;
}
.press {
    cursor: crosshair;
}
.bad {
    color: var(--brick);
}
p {
    margin: 6px 0 2px;
    font-size: 12.5px;
}
</style>
