<script setup lang="ts">
import InputNumber from 'primevue/inputnumber';
import Select from 'primevue/select';
import { computed } from 'vue';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import Choice from '../../ui/Choice.vue';
import Fold from '../../ui/Fold.vue';
import LengthField from '../../ui/LengthField.vue';
import LengthRow from '../../ui/LengthRow.vue';
import { useRefusals } from '../../ui/refusals';
import { word } from './things';

/** What the back wall is made of, where its studs are, and what the floor is. */
const project = useProject();
const guarded = useRefusals();
const build = computed(() => project.space![1].build ?? {});
const studs = computed(() => project.site?.studs ?? []);
const path = (...keys: string[]): string[] => ['spaces', project.space![0], 'build', ...keys];
const set = (key: string, value: unknown): Promise<boolean> => guarded(project.set(path(key), value));
const choices = (what: 'wall' | 'floor', ...values: string[]): { value: string; label: string }[] =>
    values.map((value) => ({ value, label: word(`${what}.${value}`) }));
const walls = choices('wall', 'unknown', 'wood_stud', 'metal_stud', 'masonry', 'plaster_on_lath');
const floors = choices('floor', 'unknown', 'fixed', 'floating', 'carpet', 'tile');

const found = (mm: number): Promise<void> => project.change({ op: 'add', path: path('studs', ulid()), value: { x: mm } });
const doubt = (id: string, on: boolean): Promise<boolean> => guarded(project.set(path('studs', id, 'doubtful'), on ? true : null));
const forget = (id: string): Promise<boolean> => guarded(project.change({ op: 'remove', path: path('studs', id) }));
</script>

<template>
    <Fold title="Wall, studs and floor">
        <div class="ch">
            <span>back wall</span>
            <Select
                :model-value="build.wall ?? 'unknown'"
                :options="walls"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="back wall"
                @update:model-value="(v: string) => set('wall', v)"
            />
        </div>
        <LengthRow title="lining" :value="build.lining" :path="path('lining')" placeholder="12.5" />
        <LengthRow title="first stud" :value="build.first_stud" :path="path('first_stud')" />
        <LengthRow
            title="spacing"
            :value="build.spacing"
            :path="path('spacing')"
            :placeholder="project.documentUnit === 'in' ? '16' : '400'"
        />
        <div class="ch">
            <span>stud found at</span>
            <LengthField :model-value="null" :unit="project.documentUnit" label="stud found at" :keep="found" />
        </div>
        <ul v-if="studs.length" class="studs" aria-label="studs">
            <li v-for="s in studs" :key="s.x">
                <b>{{ show(s.x, project.unit) }}</b>
                <template v-if="s.ref">
                    <label><input type="checkbox" :checked="s.doubtful" @change="doubt(s.ref!, !s.doubtful)" /> doubtful</label>
                    <button class="linkish" :aria-label="`forget the stud at ${show(s.x, project.unit)}`" @click="forget(s.ref!)">
                        Forget
                    </button>
                </template>
                <span v-else class="soft">assumed</span>
            </li>
        </ul>
        <div class="ch">
            <span>floor</span>
            <Select
                :model-value="build.floor ?? 'unknown'"
                :options="floors"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="floor"
                @update:model-value="(v: string) => set('floor', v)"
            />
        </div>
        <label v-if="project.space![1].kind === 'under_stair'" class="check">
            <input type="checkbox" :checked="build.fire_lined ?? false" @change="set('fire_lined', build.fire_lined ? null : true)" />
            lined against fire under the stair
        </label>
        <template v-if="build.wall !== 'wood_stud' && build.wall !== 'masonry'">
            <div class="ch">
                <span>an anchor holds, kg</span>
                <InputNumber
                    :model-value="build.anchor_kg ?? null"
                    :min="1"
                    :max="1000"
                    placeholder="if one is used"
                    size="small"
                    aria-label="kg an anchor holds"
                    @update:model-value="(v: number | null) => set('anchor_kg', v)"
                />
            </div>
            <div v-if="build.anchor_kg" class="ch">
                <span>its maker says so of</span>
                <Choice
                    label="what the maker’s figure is"
                    :value="build.anchor_figure ?? 'ultimate'"
                    :options="[
                        { value: 'ultimate', label: 'Breaking', hint: 'the load that breaks it: a quarter counts' },
                        { value: 'working', label: 'Working', hint: 'what it may safely carry: half counts' },
                    ]"
                    @choose="(v) => set('anchor_figure', v)"
                />
            </div>
        </template>
        <p v-if="build.floor === 'floating'" class="soft note">
            A floating floor is never screwed through: the base stands on it, or the floor is cut away and the maker’s gap kept.
        </p>
    </Fold>
</template>

<style scoped>
.studs {
    list-style: none;
    margin: 0 0 8px;
    padding: 0;
    font-size: 13px;
}
li {
    display: grid;
    grid-template-columns: 60px 1fr auto;
    gap: 8px;
    border-bottom: 1px solid var(--rule);
    padding: 2px 0;
}
.ch :deep(.p-inputnumber-input) {
    width: 130px;
}
.check {
    display: flex;
    gap: 6px;
    font-size: 13px;
    margin: 6px 0;
}
.note {
    font-size: 12.5px;
    margin: 4px 0 0;
}
</style>
