<script setup lang="ts">
import { computed } from 'vue';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import TextRow from '../../ui/TextRow.vue';
import TickRow from '../../ui/TickRow.vue';

/** How each piece is finished: the paint on the list follows from it. */
const project = useProject();
const guarded = useRefusals();
const pieces = computed(() =>
    project.pieces.map(([id, piece]) => ({
        id,
        piece,
        finish: piece.finish ?? {},
        kind: piece.finish?.kind ?? ((piece.coats ?? 0) > 0 ? ('paint' as const) : ('none' as const)),
        /** Where nothing is said: two of paint, three of a clear finish, as the shopping list reckons. */
        coats: piece.coats || (piece.finish?.kind === 'clear' ? 3 : 2),
    })),
);
const at = (id: string, field: string): string[] => ['pieces', id, 'finish', field];
const coats = (id: string, n: number): Promise<boolean> => guarded(project.set(['pieces', id, 'coats'], n));
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
                @choose="(v) => guarded(project.set(at(id, 'kind'), v))"
            />
            <template v-if="kind !== 'none'">
                <div class="ch">
                    <span>Coats</span>
                    <Stepper
                        :label="`coats on ${piece.name}`"
                        :value="n"
                        :least="1"
                        :most="8"
                        @less="coats(id, n - 1)"
                        @more="coats(id, n + 1)"
                    />
                </div>
                <TickRow
                    v-if="kind === 'paint'"
                    title="Primer first"
                    :label="`primer on ${piece.name}`"
                    :on="finish.primer ?? false"
                    :path="at(id, 'primer')"
                />
                <TextRow title="Colour" :label="`colour of ${piece.name}`" :value="finish.colour" :path="at(id, 'colour')" :longest="80" />
                <TextRow title="Sheen" :label="`sheen of ${piece.name}`" :value="finish.sheen" :path="at(id, 'sheen')" :longest="80" />
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
</style>
