<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed, ref } from 'vue';
import type { Reading } from '../../api/document';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import Fold from '../../ui/Fold.vue';
import LengthField from '../../ui/LengthField.vue';
import { usePicked } from '../../ui/picked';
import { useRefusals } from '../../ui/refusals';
import { placed, places } from './forms';
import { readingAdded } from '../../project/readings';

/** One more reading of any kind, anywhere: what it is, then only the places that it needs. */
const project = useProject();
const picked = usePicked();
const guarded = useRefusals();
const key = ref('width');
const at = ref<Record<string, number | null>>({});

const forms = computed(() => project.site!.forms.map((f) => ({ ...f, label: render(f.name, project.unit) })));
const form = computed(() => forms.value.find((f) => f.key === key.value) ?? forms.value[0]!);
const missing = computed(() => form.value.asks.filter((a) => at.value[a] === null || at.value[a] === undefined));

async function add(): Promise<void> {
    const reading: Reading = placed(form.value, at.value);
    const { id, op } = readingAdded(project.space![0], reading);
    if (await guarded(project.change(op))) {
        picked.value = id;
        at.value = {};
    }
}

function keep(field: string): (mm: number) => Promise<void> {
    return async (value) => {
        at.value = { ...at.value, [field]: value };
    };
}
</script>

<template>
    <Fold title="One more reading">
        <div class="ch">
            <span>what</span>
            <Select
                :model-value="form.key"
                :options="forms"
                option-label="label"
                option-value="key"
                size="small"
                aria-label="kind of reading"
                @update:model-value="(k: string) => (key = k)"
            />
        </div>
        <div v-for="a in form.asks" :key="`${form.key} ${a}`" class="ch">
            <span>{{ places[a].label }}</span>
            <LengthField
                :model-value="at[a] ?? null"
                :unit="project.documentUnit"
                :label="`${places[a].label} of the new reading`"
                :placeholder="project.documentUnit === 'in' ? places[a].inches : places[a].mm"
                :keep="keep(a)"
            />
        </div>
        <Button label="Put it on the list" size="small" severity="secondary" :disabled="missing.length > 0" @click="add" />
    </Fold>
</template>
