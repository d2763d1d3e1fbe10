<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type Session } from '../api/client';
import { signInAgain } from '../api/person';
import OpenSessions from './OpenSessions.vue';
import ReadingForm from './ReadingForm.vue';
import SecondFactor from './SecondFactor.vue';
import { useOutbox } from '../project/outbox';
import { clock } from '../measure/clock';
import { useTelling } from '../ui/telling';

/** One's own account: a new password, signing out, and taking it away with all that is one's own alone. */
const router = useRouter();
const session = ref<Session | null>(null);
onMounted(async () => {
    await again();
    if (session.value?.user) return;
    if (await signInAgain()) await again();
    else await router.replace('/');
});
const again = async (): Promise<void> => void (session.value = await api.session());
const current = ref('');
const password = ref('');
const changed = ref(false);
const changing = useTelling();
async function change(): Promise<void> {
    changed.value = await changing.tell(() => api.changePassword(current.value, password.value));
    if (changed.value) current.value = password.value = '';
}
const sure = ref('');
const deleting = useTelling();
async function takeAway(): Promise<void> {
    const gone = await deleting.tell(async () => {
        await api.deleteAccount(sure.value);
        if ('caches' in window) await caches.delete('incastro-1');
        await useOutbox().forget();
    });
    if (gone) window.location.assign('/');
}
async function signOut(): Promise<void> {
    await api.signOut();
    window.location.assign('/');
}
</script>

<template>
    <main v-if="session?.user" class="paper">
        <h1>{{ session.user.name }}</h1>
        <p class="other">
            <RouterLink to="/">Projects</RouterLink>
            <button class="linkish" @click="signOut">Sign out</button>
        </p>
        <h2>Reading and printing</h2>
        <ReadingForm :profile="session.user.profile" :languages="session.languages" />
        <h2>Password</h2>
        <p v-if="session.user.guest_until" class="soft">
            You are a guest of the demo house: there is no password, and your copy goes on {{ clock(new Date(session.user.guest_until)) }}.
            <RouterLink to="/">Begin an account</RouterLink> to keep what you do.
        </p>
        <template v-else>
            <form aria-label="change the password" @submit.prevent="change">
                <label
                    >Present password
                    <InputText v-model="current" type="password" autocomplete="current-password" required />
                </label>
                <label
                    >New password
                    <InputText
                        v-model="password"
                        type="password"
                        autocomplete="new-password"
                        placeholder="10 characters or more"
                        required
                    />
                </label>
                <Button type="submit" label="Change it" severity="secondary" />
                <p v-if="changed" role="status">It is changed. Other devices are signed out.</p>
            </form>
            <ul v-if="changing.trouble.value.length" class="trouble" role="alert">
                <li v-for="t in changing.trouble.value" :key="t">{{ t }}</li>
            </ul>
            <SecondFactor :left="session.user.second" @changed="again" />
            <OpenSessions />
            <h2>Delete this account</h2>
            <p>
                Households that nobody else belongs to go with it, with their projects, photos, rack and library; this cannot be taken back.
                What you share stays with the others, and one of them becomes its owner.
            </p>
            <form aria-label="delete the account" @submit.prevent="takeAway">
                <label
                    >Password, to be sure
                    <InputText v-model="sure" type="password" autocomplete="current-password" required />
                </label>
                <Button type="submit" label="Delete everything that is mine" severity="danger" />
            </form>
            <ul v-if="deleting.trouble.value.length" class="trouble" role="alert">
                <li v-for="t in deleting.trouble.value" :key="t">{{ t }}</li>
            </ul>
        </template>
    </main>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
.p-button-danger {
    background: var(--brick);
    border-color: var(--brick);
    color: var(--sheet);
}
</style>
