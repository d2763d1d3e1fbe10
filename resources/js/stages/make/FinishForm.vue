<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';

/** How each piece is finished: the paint on the list follows from it. */
const project = useProject();
const guarded = useRefusals();
const pieces = computed(() =>
    project.pieces.map(([id, piece]) => ({
        id,
        piece,
        finish: piece.finish ?? {},
        kind: piece.finish?.kind ?? ((piece.coats ?? 0) > 0 ? ('paint' as const) : ('none' as const)),
        coats: piece.coats ?? 0,
    })),
);
const set = (id: string, field: string, value: unknown): Promise<boolean> => guarded(project.set(['pieces', id, 'finish', field], value));
const coats = (id: string, n: number): Promise<boolean> => guarded(project.set(['pieces', id, 'coats'], n));
const text = (e: Event): string | null => (e.target as HTMLInputElement).value.trim() || null;
</script>

<template>
    <Fold title="Finish" open>
        <div v-for="{ id, piece, finish, kind, coats: n } in pieces" :key="id" class="one">
            <b v-if="pieces.length > 1">{{ piece.name }}</b>
            <Choice
                :label="`finish of ${piece.name}`"
                :value="kind"
                :options="[
                    { value: 'none', label: 'None' },
                    { value: 'paint', label: 'Paint' },
                    { value: 'clear', label: 'Clear' },
                ]"
                @choose="(v) => set(id, 'kind', v)"
            />
            <template v-if="kind !== 'none'">
                <div class="ch">
                    <span>Coats</span>
                    <Stepper
                        :label="`coats on ${piece.name}`"
                        :value="n"
                        :least="0"
                        :most="8"
                        @less="coats(id, n - 1)"
                        @more="coats(id, n + 1)"
                    />
                </div>
                <label v-if="kind === 'paint'" class="ch">
                    <span>Primer first</span>
                    <input
                        type="checkbox"
                        :checked="finish.primer ?? false"
                        :aria-label="`primer on ${piece.name}`"
                        @change="(e) => set(id, 'primer', (e.target as HTMLInputElement).checked)"
                    />
                </label>
                <label class="ch">
                    <span>Colour</span>
                    <input
                        class="p-inputtext p-inputtext-sm"
                        :value="finish.colour ?? ''"
                        maxlength="80"
                        :aria-label="`colour of ${piece.name}`"
                        @change="(e) => set(id, 'colour', text(e))"
                    />
                </label>
                <label class="ch">
                    <span>Sheen</span>
                    <input
                        class="p-inputtext p-inputtext-sm"
                        :value="finish.sheen ?? ''"
                        maxlength="80"
                        :aria-label="`sheen of ${piece.name}`"
                        @change="(e) => set(id, 'sheen', text(e))"
                    />
                </label>
            </template>
        </div>
    </Fold>
</template>

<style scoped>
.one {
    margin-bottom: 12px;
}
.one b {
    display: block;
    margin-bottom: 4px;
}
.ch input:not([type='checkbox']) {
    width: 150px;
}
</style>
