<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type ProjectLine, Refused, type Session, type SpaceKind } from '../api/client';
import Choice from '../ui/Choice.vue';
import SpaceKindChoice from '../ui/SpaceKindChoice.vue';

const router = useRouter();
const session = ref<Session | null>(null);
const projects = ref<ProjectLine[]>([]);
const trouble = ref<string[]>([]);
const email = ref('');
const password = ref('');
const name = ref('');
const unit = ref<'mm' | 'in'>('mm');
const kind = ref<SpaceKind>('niche');

onMounted(load);

async function load(): Promise<void> {
    session.value = await api.session();
    projects.value = session.value.user ? (await api.projects()).data : [];
}

async function signIn(): Promise<void> {
    await tell(async () => {
        session.value = await api.signIn(email.value, password.value);
        window.location.reload();
    });
}

async function bring(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    await tell(async () => {
        const made = await api.import(await file.text());
        await router.push(`/projects/${made.data.id}/site`);
    });
    input.value = '';
}

async function begin(): Promise<void> {
    await tell(async () => {
        const made = await api.begin(name.value, unit.value, kind.value);
        await router.push(`/projects/${made.data.id}/site`);
    });
}

async function tell(work: () => Promise<void>): Promise<void> {
    trouble.value = [];
    try {
        await work();
    } catch (error) {
        const problems = error instanceof Refused ? (error.body.problems ?? []) : [];
        trouble.value =
            problems.length > 0
                ? problems.map((p) => `${p.message}${p.pointer ? ` (at ${p.pointer})` : ''}`)
                : [error instanceof Error ? error.message : String(error)];
    }
}
</script>

<template>
    <main v-if="session" class="projects">
        <h1>Incastro</h1>
        <p class="soft">Built-ins for crooked places, from the first tape reading to the sheet plan.</p>
        <template v-if="session.user">
            <h2>{{ session.user.name }}’s projects</h2>
            <ul>
                <li v-for="p in projects" :key="p.id">
                    <RouterLink :to="`/projects/${p.id}/site`">{{ p.name }}</RouterLink>
                    <span class="soft">{{ p.household }} · revision {{ p.revision }}</span>
                </li>
            </ul>
            <p v-if="projects.length === 0">No project yet. Bring one in from a file.</p>
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
                <Button type="submit" label="Begin measuring" />
            </form>
            <label class="bring">
                <span class="p-button p-button-secondary p-button-sm">Bring a project in from JSON</span>
                <input type="file" accept=".json,application/json" @change="bring" />
            </label>
        </template>
        <template v-else>
            <p v-if="session.demo"><a class="p-button" href="/demo">Open the demo house</a></p>
            <form @submit.prevent="signIn">
                <label>E-mail <InputText v-model="email" type="email" autocomplete="username" required /></label>
                <label>Password <InputText v-model="password" type="password" autocomplete="current-password" required /></label>
                <Button type="submit" label="Sign in" />
            </form>
        </template>
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </main>
</template>

<style scoped>
.projects {
    max-width: 760px;
    margin: 0 auto;
    padding: 56px 24px;
}
h1 {
    font-size: 30px;
}
h2 {
    font-size: 17px;
    margin-top: 32px;
}
ul {
    list-style: none;
    padding: 0;
}
li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 10px 0;
    border-bottom: 1px solid var(--rule);
}
li a {
    color: var(--chalk);
    font-weight: 600;
}
form {
    display: grid;
    gap: 12px;
    max-width: 320px;
    margin-top: 24px;
}
form label {
    display: grid;
    gap: 4px;
}
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
.trouble li {
    color: var(--brick);
    font-weight: 600;
    border: 0;
}
</style>
