<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import type { StoredThing } from '../../api/document';
import { show } from '../../measure/show';
import { inOrder } from '../../project/order';
import { useProject } from '../../project/store';
import { ulid } from '../../project/ulid';
import Choice from '../../ui/Choice.vue';
import LengthField from '../../ui/LengthField.vue';
import { useRefusals } from '../../ui/refusals';
import Stepper from '../../ui/Stepper.vue';
import { keyAfter } from './ops';
import { say } from '../../measure/say';

/** What a bay is to hold: the shelves are spaced by it. */
const props = defineProps<{ bay: string; label: string }>();
const project = useProject();
const guarded = useRefusals();

const all = computed(() => inOrder(project.document?.stored));
const here = computed(() => all.value.filter(([, t]) => t.bay === props.bay));
const open = ref<string | null>(null);
const name = ref('');
const often: { value: NonNullable<StoredThing['often']>; label: string }[] = [
    { value: 'daily', label: say('Daily') },
    { value: 'weekly', label: say('Weekly') },
    { value: 'seldom', label: say('Seldom') },
];
const sizes: ('width' | 'depth' | 'height')[] = ['width', 'depth', 'height'];

async function add(): Promise<void> {
    const id = ulid();
    const value = {
        order: keyAfter(all.value),
        name: name.value.trim(),
        width: 300,
        depth: 250,
        height: 200,
        count: 1,
        often: 'weekly',
        bay: props.bay,
    };
    if (await guarded(project.change({ op: 'add', path: ['stored', id], value }))) {
        name.value = '';
        open.value = id;
    }
}
const set = (id: string, key: string, value: unknown): Promise<boolean> => guarded(project.set(['stored', id, key], value));
</script>

<template>
    <details v-for="[id, thing] in here" :key="id" :open="id === open">
        <summary>
            {{ thing.count ?? 1 }} × {{ thing.name }}
            <span class="soft">{{ sizes.map((s) => show(thing[s], project.unit)).join(' × ') }}</span>
        </summary>
        <div v-for="s in sizes" :key="s" class="ch">
            <span>{{ { width: 'Across', depth: 'Deep', height: 'High' }[s] }}</span>
            <LengthField
                :model-value="thing[s]"
                :unit="project.documentUnit"
                :label="`${s} of ${thing.name}`"
                :keep="(mm) => project.set(['stored', id, s], mm)"
            />
        </div>
        <div class="ch">
            <span>How many</span>
            <Stepper
                :label="`how many ${thing.name}`"
                :value="thing.count ?? 1"
                :least="1"
                :most="500"
                @less="set(id, 'count', (thing.count ?? 1) - 1)"
                @more="set(id, 'count', (thing.count ?? 1) + 1)"
            />
        </div>
        <div class="ch">
            <label :for="`kg${id}`">Each weighs, kg</label>
            <InputText
                :id="`kg${id}`"
                :model-value="String(thing.kg ?? 0)"
                inputmode="decimal"
                size="small"
                @change="(e: Event) => set(id, 'kg', Number((e.target as HTMLInputElement).value.replace(',', '.')) || 0)"
            />
        </div>
        <div class="ch">
            <span>Fetched</span>
            <Choice
                :label="`how often ${thing.name}`"
                :value="thing.often ?? 'weekly'"
                :options="often"
                @choose="(v) => set(id, 'often', v)"
            />
        </div>
        <label class="check">
            <input type="checkbox" :checked="thing.hazard ?? false" @change="set(id, 'hazard', thing.hazard ? null : true)" />
            poison, pods or blades: out of a child’s reach
        </label>
        <button class="linkish" @click="guarded(project.change({ op: 'remove', path: ['stored', id] }))">Take it out</button>
    </details>
    <form class="add" @submit.prevent="add">
        <InputText
            v-model="name"
            size="small"
            maxlength="120"
            :aria-label="`something to store in bay ${label}`"
            placeholder="Baskets, bins, books"
        />
        <Button type="submit" size="small" label="Add" :disabled="name.trim() === ''" />
    </form>
</template>

<style scoped>
.check {
    display: flex;
    gap: 6px;
    font-size: 13px;
    margin: 4px 0 6px;
}
summary {
    cursor: pointer;
    font-size: 13px;
    margin: 4px 0 6px;
}
.add {
    display: flex;
    gap: 6px;
    margin-bottom: 10px;
}
.add input,
.ch input {
    min-width: 0;
    width: 100%;
}
</style>
