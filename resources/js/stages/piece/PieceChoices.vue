<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import type { Methods } from '../../api/document';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import LengthRow from '../../ui/LengthRow.vue';
import Stepper from '../../ui/Stepper.vue';
import { useRefusals } from '../../ui/refusals';
import { methodChoices } from './methods';
import { mirrored } from './ops';
import { say } from '../../measure/say';

/** The piece as a whole: its size, where it stands, what it is made of and how. */
const project = useProject();
const guarded = useRefusals();

const id = computed(() => project.piece![0]);
const piece = computed(() => project.piece![1]);
const usual: Partial<Methods> = { bottom: 'between', joint: 'screws', slope_top: 'raking', glue: true };
const methods = computed<Partial<Methods>>(() => ({ ...usual, ...project.document!.methods, ...piece.value.methods }));
const stock = computed(() => Object.entries(project.document!.stock).map(([value, m]) => ({ value, label: m.name })));
const space = computed(() => project.document!.spaces[piece.value.space]);
const keys = computed(
    () => ['front', 'top', 'bottom', 'joint', 'shelves', 'back', ...(space.value?.slope ? ['slope_top' as const] : [])] as const,
);
const places = computed(() => [
    { value: 'fit', label: say('Side to side') },
    { value: 'left', label: say('From the left') },
    { value: 'middle', label: say('In the middle') },
    { value: 'right', label: say('From the right') },
    ...(space.value?.kind === 'fireside'
        ? [
              { value: 'left_flank', label: say('Left flank') },
              { value: 'right_flank', label: say('Right flank') },
              { value: 'breast', label: say('Before the breast') },
          ]
        : []),
]);
const place = computed(() => piece.value.stand?.from ?? (piece.value.width === undefined ? 'fit' : 'left'));
const isChosen = computed(() => ['left', 'middle', 'right'].includes(place.value));

const own = (key: string): string[] => ['pieces', id.value, key];
const method = (key: keyof Methods, value: unknown): Promise<boolean> => guarded(project.set(['pieces', id.value, 'methods', key], value));
const mirror = (): Promise<boolean> => guarded(project.change({ op: 'set', path: ['pieces', id.value], value: mirrored(piece.value) }));

/** A piece that stands somewhere has a width of its own; one that fills its place takes it from the fit. */
function stands(from: string): Promise<boolean> {
    const stand =
        from === 'fit' ? (piece.value.stand?.up === undefined ? null : { up: piece.value.stand.up }) : { ...piece.value.stand, from };
    const needs = ['left', 'middle', 'right'].includes(from);
    return guarded(
        project.change(
            { op: 'set', path: own('stand'), value: stand },
            { op: 'set', path: own('width'), value: needs ? (piece.value.width ?? project.fitted?.width.mm ?? 1000) : null },
        ),
    );
}
</script>

<template>
    <section class="bears">
        <Fold title="Size and place" open>
            <LengthRow title="Height" label="height" :value="piece.height" :path="own('height')" />
            <LengthRow title="Depth" label="depth" :value="piece.depth" :path="own('depth')" />
            <LengthRow title="Width" label="width" :value="piece.width" :path="own('width')" placeholder="from the fit">
                <button v-if="piece.width !== undefined" class="linkish" @click="stands('fit')">from the fit</button>
            </LengthRow>
            <div class="ch">
                <span>Stands</span>
                <Select
                    :model-value="place"
                    :options="places"
                    option-label="label"
                    option-value="value"
                    size="small"
                    aria-label="where the piece stands"
                    @update:model-value="stands"
                />
            </div>
            <LengthRow
                v-if="isChosen"
                :title="place === 'middle' ? 'Off the middle' : 'Away from it'"
                label="distance it stands at"
                :value="piece.stand?.at ?? 0"
                :path="[...own('stand'), 'at']"
                :keep-as="(mm) => project.set(own('stand'), { ...piece.stand, at: mm })"
            />
            <LengthRow
                title="Above the floor"
                label="height above the floor"
                :value="piece.stand?.up ?? 0"
                :path="[...own('stand'), 'up']"
                :keep-as="(mm) => project.set(own('stand'), { ...piece.stand, up: mm })"
            />
            <LengthRow
                v-if="space?.slope"
                title="Off the slope"
                label="clearance under the slope"
                :value="piece.slope_clear"
                :path="own('slope_clear')"
                placeholder="8"
            />
            <button class="linkish" @click="mirror">Mirror the piece</button>
        </Fold>
        <Fold title="Material">
            <div class="ch">
                <span>Boards</span>
                <Select
                    :model-value="piece.material"
                    :options="stock"
                    option-label="label"
                    option-value="value"
                    size="small"
                    aria-label="board material"
                    @update:model-value="(v) => guarded(project.set(own('material'), v))"
                />
            </div>
            <LengthRow
                title="Measured at"
                label="measured thickness"
                :value="project.document!.stock[piece.material]?.thickness"
                :path="['stock', piece.material, 'thickness']"
            />
            <div class="ch">
                <span>Backs</span>
                <Select
                    :model-value="piece.back_material"
                    :options="stock"
                    option-label="label"
                    option-value="value"
                    size="small"
                    aria-label="back material"
                    @update:model-value="(v) => guarded(project.set(own('back_material'), v))"
                />
            </div>
            <div class="ch">
                <span>Coats of paint</span>
                <Stepper
                    label="coats of paint"
                    :value="piece.coats ?? 0"
                    :least="0"
                    :most="8"
                    @less="guarded(project.set(own('coats'), (piece.coats ?? 0) - 1))"
                    @more="guarded(project.set(own('coats'), (piece.coats ?? 0) + 1))"
                />
            </div>
        </Fold>
        <Fold title="Built how" open>
            <div v-for="key in keys" :key="key" class="ch">
                <span>{{ word(`method.${key}`, project.unit) }}</span>
                <Choice
                    :label="word(`method.${key}`).toLowerCase()"
                    :value="methods[key] as string"
                    :options="methodChoices(key)"
                    @choose="(v) => method(key, v)"
                />
            </div>
        </Fold>
    </section>
</template>
