<script setup lang="ts">
import Button from 'primevue/button';
import { useRoute, useRouter } from 'vue-router';
import { api } from '../api/client';
import { useTelling } from '../ui/telling';

/** An account is begun by the link in its letter. */
const route = useRoute();
const router = useRouter();
const { trouble, tell } = useTelling();
const begin = async (): Promise<void> => {
    const isDone = await tell(async () => {
        await api.openSignUp(String(route.query.token ?? ''));
    });
    if (isDone) await router.push('/');
};
</script>

<template>
    <main class="paper">
        <h1>Your account</h1>
        <p class="soft">The letter is good for a day. Your name, household and password are those you chose.</p>
        <Button label="Begin it" @click="begin" />
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </main>
</template>

<style scoped src="./pages.css"></style>
