<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type Household, type Session, type SpaceKind } from '../api/client';
import Choice from '../ui/Choice.vue';
import SpaceKindChoice from '../ui/SpaceKindChoice.vue';
import ProjectList from './ProjectList.vue';
import GuestCard from './GuestCard.vue';
import WaitingHere from './WaitingHere.vue';
import SignIn from './SignIn.vue';
import { useTelling } from '../ui/telling';

const router = useRouter();
const session = ref<Session | null>(null);
const { trouble, tell } = useTelling();
const name = ref('');
const unit = ref<'mm' | 'in'>('mm');
const kind = ref<SpaceKind>('niche');
/** Those one may add to; asked only where there is a choice. */
const households = ref<Household[]>([]);
const household = ref('');

onMounted(load);

async function load(): Promise<void> {
    session.value = await api.session();
    if (!session.value.user) return;
    households.value = (await api.households()).data.filter((h) => h.role !== 'viewer');
    household.value = households.value[0]?.id ?? '';
}

async function bring(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    await tell(async () => {
        const made = await api.import(file, household.value);
        await router.push(`/projects/${made.data.id}/site`);
    });
    input.value = '';
}

async function begin(): Promise<void> {
    await tell(async () => {
        const made = await api.begin({ name: name.value, unit: unit.value, kind: kind.value, household: household.value });
        await router.push(`/projects/${made.data.id}/site`);
    });
}
</script>

<template>
    <main v-if="session" class="paper">
        <h1 translate="no">Incastro</h1>
        <p class="soft">Built-ins for crooked places, from the first tape reading to the sheet plan.</p>
        <WaitingHere />
        <template v-if="session.user">
            <p class="other">
                <RouterLink to="/account">Account</RouterLink>
                <RouterLink v-if="!session.user.guest_until" to="/households">Households</RouterLink>
            </p>
            <GuestCard v-if="session.user.guest_until" :session="session" :until="session.user.guest_until" />
            <h2 v-if="session.user.guest_until">Rooms of the demo house</h2>
            <h2 v-else>{{ session.user.name }}’s projects</h2>
            <ProjectList :households="households" />
            <h2>A new project</h2>
            <form class="new" @submit.prevent="begin">
                <SpaceKindChoice :value="kind" @choose="(k) => (kind = k)" />
                <label>Name <InputText v-model="name" maxlength="120" placeholder="Study, beside the chimney" required /></label>
                <Choice
                    label="unit"
                    :value="unit"
                    :options="[
                        { value: 'mm', label: 'Millimetres' },
                        { value: 'in', label: 'Inches' },
                    ]"
                    @choose="(u) => (unit = u)"
                />
                <label v-if="households.length > 1"
                    >Whose it is
                    <select v-model="household">
                        <option v-for="h in households" :key="h.id" :value="h.id">{{ h.name }}</option>
                    </select>
                </label>
                <Button type="submit" label="Begin measuring" />
            </form>
            <label class="bring">
                <span class="p-button p-button-secondary p-button-sm">Bring a project in from a file</span>
                <input type="file" accept=".json,.zip,application/json,application/zip" @change="bring" />
            </label>
        </template>
        <SignIn v-else :session="session" @in="$router.go(0)" />
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </main>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
form.new {
    max-width: none;
    margin: 8px 0 28px;
    justify-items: start;
}
.new input {
    width: 320px;
}
.bring input {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
}
.bring:focus-within .p-button {
    outline: 2px solid var(--chalk);
    outline-offset: 2px;
}
</style>
