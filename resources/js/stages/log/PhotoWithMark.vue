<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref, watch } from 'vue';
import { api } from '../../api/client';
import { commonScale, frameOf } from '../../draw/frame';
import { outline } from '../../draw/path';
import { photoOf } from '../../project/photo';
import { useProject } from '../../project/store';

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
const frame = computed(() => (drawn.value ? frameOf(drawn.value.drawing, commonScale([drawn.value.drawing], 280, 300)) : null));
function set(e: MouseEvent): void {
    const box = (e.currentTarget as SVGElement).getBoundingClientRect();
    const f = frame.value!;
    const x = (e.clientX - box.left - f.x(0)) / f.scale;
    const y = (f.y(0) - (e.clientY - box.top)) / f.scale;
    mark.value = { drawing: drawn.value!.id, view: 'front', x: Math.round(x), y: Math.round(y) };
}
async function keep(): Promise<void> {
    try {
        if (!file.value) throw new Error('No picture was chosen; expected a JPEG or PNG.');
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
        <template v-if="drawn && frame">
            <p class="soft">{{ mark ? 'Marked; press elsewhere to move the mark.' : 'Press on the drawing where it was taken.' }}</p>
            <svg :width="frame.width" :height="frame.height" role="img" aria-label="where it was taken" class="where" @click="set">
                <path
                    v-for="(s, i) in drawn.drawing.items.filter((item) => item.kind === 'shape')"
                    :key="i"
                    :d="outline(s.points ?? [], frame)"
                />
                <circle v-if="mark" :cx="frame.x(mark.x)" :cy="frame.y(mark.y)" r="7" class="mark" />
            </svg>
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
.where {
    display: block;
    cursor: crosshair;
    background: var(--sheet);
    border: 1px solid var(--rule);
    margin: 4px 0 8px;
}
.where path {
    fill: var(--board-fill);
    stroke: var(--wood-soft);
    stroke-width: 0.8;
}
.mark {
    fill: var(--chalk);
    stroke: var(--sheet);
    stroke-width: 2;
}
.bad {
    color: var(--brick);
}
p {
    margin: 6px 0 2px;
    font-size: 12.5px;
}
</style>
