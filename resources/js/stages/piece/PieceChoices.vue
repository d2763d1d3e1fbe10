<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import type { Methods } from '../../api/document';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import { bandsOf } from './ops';

const project = useProject();
const guarded = useRefusals();

const id = computed(() => project.piece![0]);
const piece = computed(() => project.piece![1]);
const methods = computed<Methods>(() => ({ ...project.document!.methods, ...piece.value.methods }));
const plinth = computed(() => bandsOf(...project.piece!).plinth);
const stock = computed(() => Object.entries(project.document!.stock).map(([value, m]) => ({ value, label: m.name })));
const plinthWord = computed(() => (project.unit === 'in' ? 'Toe kick' : 'Plinth'));

const own = (key: string): string[] => ['pieces', id.value, key];
const method = (key: keyof Methods, value: unknown): Promise<boolean> => guarded(project.set(['pieces', id.value, 'methods', key], value));
</script>

<template>
    <section class="bears">
        <h4>Size</h4>
        <LengthRow title="Height" label="height" :value="piece.height" :path="own('height')" />
        <LengthRow title="Depth" label="depth" :value="piece.depth" :path="own('depth')" />
        <LengthRow title="Width" label="width" :value="piece.width" :path="own('width')" placeholder="from the fit">
            <button v-if="piece.width !== undefined" class="linkish" @click="guarded(project.set(own('width'), null))">from the fit</button>
        </LengthRow>
        <template v-if="plinth">
            <LengthRow :title="`${plinthWord} height`" label="plinth height" :value="plinth[1].height" :path="[...plinth[0], 'height']" />
            <LengthRow
                :title="`${plinthWord} set back`"
                label="plinth set back"
                :value="plinth[1].set_back"
                :path="[...plinth[0], 'set_back']"
            />
        </template>

        <h4>Material</h4>
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
            <span>Back</span>
            <Choice
                label="back"
                :value="methods.back"
                :options="[
                    { value: true, label: 'Applied' },
                    { value: false, label: 'None' },
                ]"
                @choose="(v) => method('back', v)"
            />
        </div>
        <div v-if="methods.back" class="ch">
            <span>of</span>
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

        <h4>Built how</h4>
        <div class="ch">
            <span>Front</span>
            <Choice
                label="front"
                :value="methods.front"
                :options="[
                    { value: 'banded', label: 'Banded edge' },
                    { value: 'face_frame', label: 'Face frame' },
                ]"
                @choose="(v) => method('front', v)"
            />
        </div>
        <div class="ch">
            <span>Top</span>
            <Choice
                label="top"
                :value="methods.top"
                :options="[
                    { value: 'between', label: 'Between sides' },
                    { value: 'capping', label: 'Caps them' },
                ]"
                @choose="(v) => method('top', v)"
            />
        </div>
        <div class="ch">
            <span>Shelves on</span>
            <Choice
                label="shelves rest on"
                :value="methods.shelves"
                :options="[
                    { value: 'pins', label: 'Pins' },
                    { value: 'fixed', label: 'Fixed' },
                ]"
                @choose="(v) => method('shelves', v)"
            />
        </div>
    </section>
</template>
