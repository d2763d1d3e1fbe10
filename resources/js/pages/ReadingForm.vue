<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { api, type Profile } from '../api/client';
import Choice from '../ui/Choice.vue';
import { useTelling } from '../ui/telling';

/** How one reads and prints. Saw, instruments and sheets of new projects are kept from the Cut stage. */
const props = defineProps<{ profile: Profile; languages: Readonly<Record<string, string>> }>();
const unit = ref<'own' | 'mm' | 'in'>(props.profile.unit ?? 'own');
const fraction = ref(String(props.profile.fraction ?? 32));
const paper = ref<'a4' | 'letter'>(props.profile.paper ?? 'a4');
const currency = ref(props.profile.currency ?? props.profile.prices?.currency ?? 'EUR');
const tongues = Object.entries(props.languages).map(([value, label]) => ({ value, label }));
const language = ref(document.documentElement.lang);
const kept = ref(false);
const { trouble, tell } = useTelling();
const fractions = ['8', '16', '32', '64'].map((value) => ({ value, label: `1/${value}` }));
const priced = ref(Object.keys(props.profile.prices?.lines ?? {}).length);
const otherMoney = computed(() => currency.value.toUpperCase() !== props.profile.prices?.currency);
async function forget(): Promise<void> {
    const gone = await tell(async () => void (await api.keepProfile({ prices: null })));
    if (gone) priced.value = 0;
}
async function keep(): Promise<void> {
    kept.value = await tell(async () => {
        await api.keepProfile({
            unit: unit.value === 'own' ? null : unit.value,
            fraction: Number(fraction.value) as 8 | 16 | 32 | 64,
            paper: paper.value,
            currency: currency.value.toUpperCase(),
            ...(tongues.length > 1 ? { language: language.value } : {}),
        });
    });
    // The words of another language come with the page.
    if (kept.value && tongues.length > 1 && language.value !== document.documentElement.lang) window.location.reload();
}
</script>

<template>
    <form aria-label="how I read and print" @submit.prevent="keep">
        <div>
            Lengths in
            <Choice
                label="lengths in"
                :value="unit"
                :options="[
                    { value: 'own', label: 'The project’s own' },
                    { value: 'mm', label: 'Millimetres' },
                    { value: 'in', label: 'Inches' },
                ]"
                @choose="(u) => (unit = u)"
            />
        </div>
        <div>
            Inches to
            <Choice label="inches to" :value="fraction" :options="fractions" @choose="(f) => (fraction = f)" />
        </div>
        <div>
            Paper
            <Choice
                label="paper"
                :value="paper"
                :options="[
                    { value: 'a4', label: 'A4' },
                    { value: 'letter', label: 'Letter' },
                ]"
                @choose="(p) => (paper = p)"
            />
        </div>
        <div v-if="tongues.length > 1">
            Language
            <Choice label="language" :value="language" :options="tongues" @choose="(l) => (language = l)" />
        </div>
        <label
            >Currency of new projects
            <InputText v-model="currency" maxlength="3" size="small" required />
        </label>
        <p v-if="priced" class="soft">
            New projects begin with the prices of {{ priced }} {{ priced === 1 ? 'thing' : 'things' }}, in {{ profile.prices!.currency }}.
            {{ otherMoney ? 'They are left out while you reckon in another currency.' : '' }}
            <button type="button" class="linkish" @click="forget">Forget them</button>
        </p>
        <Button type="submit" label="Keep it" severity="secondary" />
        <p v-if="kept" role="status">Kept. It holds from the next page you open.</p>
    </form>
    <ul v-if="trouble.length" class="trouble" role="alert">
        <li v-for="t in trouble" :key="t">{{ t }}</li>
    </ul>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
form {
    max-width: 420px;
    justify-items: start;
}
form > div {
    display: grid;
    gap: 4px;
    justify-items: start;
}
label :deep(input) {
    width: 80px;
    text-transform: uppercase;
}
</style>
