<script setup lang="ts">
import Select from 'primevue/select';
import { computed } from 'vue';
import type { Methods } from '../../api/document';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import LengthField from '../../ui/LengthField.vue';
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

const set = (path: string[], value: unknown): Promise<void> => project.change({ op: 'set', path, value });
const setOwn = (key: string, value: unknown): Promise<void> => set(['pieces', id.value, key], value);
const method = (key: keyof Methods, value: unknown): Promise<boolean> => guarded(set(['pieces', id.value, 'methods', key], value));
</script>

<template>
    <section class="bears">
        <h4>Size</h4>
        <div class="ch">
            <span>Height</span>
            <LengthField :model-value="piece.height" :unit="project.documentUnit" label="height" :keep="(mm) => setOwn('height', mm)" />
        </div>
        <div class="ch">
            <span>Depth</span>
            <LengthField :model-value="piece.depth" :unit="project.documentUnit" label="depth" :keep="(mm) => setOwn('depth', mm)" />
        </div>
        <div class="ch">
            <span>Width</span>
            <span class="with">
                <LengthField
                    :model-value="piece.width ?? null"
                    :unit="project.documentUnit"
                    label="width"
                    placeholder="from the fit"
                    :keep="(mm) => setOwn('width', mm)"
                />
                <button v-if="piece.width !== undefined" class="linkish" @click="guarded(setOwn('width', null))">from the fit</button>
            </span>
        </div>
        <template v-if="plinth">
            <div class="ch">
                <span>{{ plinthWord }} height</span>
                <LengthField
                    :model-value="plinth[1].height ?? null"
                    :unit="project.documentUnit"
                    label="plinth height"
                    :keep="(mm) => set([...plinth![0], 'height'], mm)"
                />
            </div>
            <div class="ch">
                <span>{{ plinthWord }} set back</span>
                <LengthField
                    :model-value="plinth[1].set_back ?? null"
                    :unit="project.documentUnit"
                    label="plinth set back"
                    :keep="(mm) => set([...plinth![0], 'set_back'], mm)"
                />
            </div>
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
                @update:model-value="(v) => guarded(setOwn('material', v))"
            />
        </div>
        <div class="ch">
            <span>Measured at</span>
            <LengthField
                :model-value="project.document!.stock[piece.material]?.thickness ?? null"
                :unit="project.documentUnit"
                label="measured thickness"
                :keep="(mm) => set(['stock', piece.material, 'thickness'], mm)"
            />
        </div>
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
                @update:model-value="(v) => guarded(setOwn('back_material', v))"
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

<style scoped>
.with {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px;
}
</style>
