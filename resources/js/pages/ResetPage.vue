<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { ref } from 'vue';
import { useRoute } from 'vue-router';
import { api } from '../api/client';
import { useTelling } from '../ui/telling';

/** A new password, by the link in the letter. */
const route = useRoute();
const password = ref('');
const done = ref(false);
const { trouble, tell } = useTelling();
const keep = async (): Promise<void> => {
    done.value = await tell(() => api.reset(String(route.query.email ?? ''), String(route.query.token ?? ''), password.value));
};
</script>

<template>
    <main class="paper">
        <h1>A new password</h1>
        <p v-if="done" role="status">It is kept. <RouterLink to="/">Sign in with it</RouterLink>.</p>
        <form v-else @submit.prevent="keep">
            <label
                >New password
                <InputText v-model="password" type="password" autocomplete="new-password" placeholder="10 characters or more" required />
            </label>
            <Button type="submit" label="Keep it" />
        </form>
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </main>
</template>

<style scoped src="./pages.css"></style>
