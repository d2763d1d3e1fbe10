<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { onMounted, ref } from 'vue';
import { api, type Household } from '../api/client';
import HouseholdCard from './HouseholdCard.vue';
import { useTelling } from '../ui/telling';

/** The households one belongs to, and beginning another. */
const households = ref<Household[] | null>(null);
const name = ref('');
const { trouble, tell } = useTelling();
onMounted(() => tell(load));
async function load(): Promise<void> {
    households.value = (await api.households()).data;
}
async function begin(): Promise<void> {
    await tell(async () => {
        await api.beginHousehold(name.value);
        name.value = '';
        await load();
    });
}
</script>

<template>
    <main class="paper">
        <h1>Households</h1>
        <p class="other"><RouterLink to="/">Projects</RouterLink><RouterLink to="/account">Account</RouterLink></p>
        <template v-if="households">
            <p class="soft">
                Members share the projects, the rack of offcuts and the library. Owners say who belongs; makers change projects; viewers
                look.
            </p>
            <HouseholdCard v-for="h in households" :key="h.id" :household="h" @changed="load" />
            <h2>Another household</h2>
            <form aria-label="begin a household" @submit.prevent="begin">
                <label>Name <InputText v-model="name" maxlength="80" required /></label>
                <Button type="submit" label="Begin it" severity="secondary" />
            </form>
        </template>
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </main>
</template>

<style scoped src="./pages.css"></style>
