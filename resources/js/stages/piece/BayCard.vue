<script setup lang="ts">
import Select from 'primevue/select';
import { computed, ref } from 'vue';
import { word } from '../../measure/words';
import { useProject } from '../../project/store';
import Choice from '../../ui/Choice.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import BayActs from './BayActs.vue';
import BayWidth from './BayWidth.vue';
import FindingsOf from '../../ui/FindingsOf.vue';
import FillForm from './FillForm.vue';
import LibraryDialog from './LibraryDialog.vue';
import type { PlacedBay } from './ops';
import ShelfList from './ShelfList.vue';
import StoredList from './StoredList.vue';
import { doors, families, fills } from './vocabulary';

/** The picked bay: what it holds, what closes it, how wide it is, and what may be done with it. */
const props = defineProps<{ bay: PlacedBay; label: string }>();
const project = useProject();
const guarded = useRefusals();
const picked = usePicked();

const library = ref(false);
const fill = computed(() => props.bay.value.fill ?? { kind: 'open' as const });
const door = computed(() => props.bay.value.door ?? null);
const isGap = computed(() => props.bay.band.value.kind === 'gap');
const groups = computed(() =>
    families
        .map(({ title, kinds }) => ({
            title,
            items: kinds
                .filter((k) => !isGap.value || fills[k]?.stands_alone)
                .map((value) => ({ value, label: word(`fill.${value}`, project.unit) })),
        }))
        .filter((g) => g.items.length > 0),
);
const doorKinds = computed(() => ['none', ...Object.keys(doors)].map((value) => ({ value, label: word(`door.${value}`, project.unit) })));
const rolls = computed(() => project.fitted?.cells[props.bay.id]?.rolls === true);
const isStacked = computed(() => Object.keys(props.bay.value.bands ?? {}).length > 0);

const holds = (kind: string): Promise<boolean> => guarded(project.set([...props.bay.path, 'fill'], { kind }));
const closes = (kind: string): Promise<boolean> => guarded(project.set([...props.bay.path, 'door'], kind === 'none' ? null : { kind }));
const flag = (key: 'open_back' | 'open_floor', value: boolean): Promise<boolean> =>
    guarded(project.set([...props.bay.path, key], value || null));
</script>

<template>
    <section class="bears bay" :aria-label="`bay ${label}`">
        <h3>
            Bay {{ label }}
            <button class="linkish" @click="picked = null">done</button>
        </h3>
        <FindingsOf :refs="[bay.id]" />
        <template v-if="isStacked"><p class="soft">It is divided into bands; pick a bay inside it.</p></template>
        <template v-else>
            <div class="ch">
                <span>Holds</span>
                <Select
                    :model-value="fill.kind"
                    :options="groups"
                    option-label="label"
                    option-value="value"
                    option-group-label="title"
                    option-group-children="items"
                    size="small"
                    :aria-label="`bay ${label} holds`"
                    @update:model-value="holds"
                />
            </div>
            <button class="linkish library" @click="library = true">From the library</button>
            <LibraryDialog v-if="library" v-model="library" :place="{ id: bay.id, path: bay.path, bay: bay.value }" :label="label" />
            <ShelfList v-if="fill.kind === 'shelves'" :bay="bay" :label="label" />
            <StoredList v-if="fill.kind === 'stored'" :bay="bay.id" :label="label" />
            <FillForm :of="`bay ${label}`" :fields="fills[fill.kind]?.fields ?? {}" :values="fill" :path="[...bay.path, 'fill']" />
        </template>
        <template v-if="!fills[fill.kind]?.own_front">
            <div class="ch">
                <span>Closed by</span>
                <Select
                    :model-value="door?.kind ?? 'none'"
                    :options="doorKinds"
                    option-label="label"
                    option-value="value"
                    size="small"
                    :aria-label="`bay ${label} is closed by`"
                    @update:model-value="closes"
                />
            </div>
            <FillForm
                v-if="door"
                :of="`the door of bay ${label}`"
                :fields="doors[door.kind]?.fields ?? {}"
                :values="door"
                :path="[...bay.path, 'door']"
            />
        </template>
        <BayWidth :bay="bay" :label="label" />
        <div v-if="!isGap && bay.level === 1" class="ch">
            <span>Behind</span>
            <Choice
                :label="`behind bay ${label}`"
                :value="bay.value.open_back === true"
                :options="[
                    { value: false, label: 'As the box' },
                    { value: true, label: 'Open' },
                ]"
                @choose="(v) => flag('open_back', v)"
            />
        </div>
        <div v-if="!isGap && bay.level === 1" class="ch">
            <span>Below</span>
            <p v-if="rolls" class="soft">open to the floor: what it holds rolls there</p>
            <Choice
                v-else
                :label="`below bay ${label}`"
                :value="bay.value.open_floor === true"
                :options="[
                    { value: false, label: 'Bottom' },
                    { value: true, label: 'Open to the floor' },
                ]"
                @choose="(v) => flag('open_floor', v)"
            />
        </div>
        <BayActs :bay="bay" :label="label" />
    </section>
</template>

<style scoped>
h3 {
    display: flex;
    justify-content: space-between;
    font-size: 15px;
    margin-bottom: 8px;
}
</style>
