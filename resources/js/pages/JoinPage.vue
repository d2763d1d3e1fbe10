<script setup lang="ts">
import Button from 'primevue/button';
import { onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { api, type Session } from '../api/client';
import SignIn from './SignIn.vue';
import { useTelling } from '../ui/telling';

/** Joining a household by the link in the letter, with an account one has or begins. */
const route = useRoute();
const session = ref<Session | null>(null);
const joined = ref('');
const { trouble, tell } = useTelling();
onMounted(async () => (session.value = await api.session()));
const join = (): Promise<boolean> =>
    tell(async () => {
        joined.value = (await api.join(String(route.query.token ?? ''))).household;
    });
</script>

<template>
    <main v-if="session" class="paper">
        <h1>You are asked to share projects</h1>
        <template v-if="session.user && !session.user.guest_until">
            <p v-if="joined" role="status">You belong to {{ joined }} now. <RouterLink to="/">To the projects</RouterLink></p>
            <Button v-else :label="`Join as ${session.user.name}`" @click="join" />
            <ul v-if="trouble.length" class="trouble" role="alert">
                <li v-for="t in trouble" :key="t">{{ t }}</li>
            </ul>
        </template>
        <template v-else>
            <p>Sign in, or begin an account; then you can join.</p>
            <SignIn :session="session" @in="$router.go(0)" />
        </template>
    </main>
</template>

<style scoped src="./pages.css"></style>
