<script setup lang="ts">
import Button from 'primevue/button';
import { ref } from 'vue';
import type { Session } from '../api/client';
import { clock } from '../measure/clock';
import SignIn from './SignIn.vue';

/** Told to who looks round the demo house: whose copy it is, when it goes, and how to keep what one does in it. */
defineProps<{ session: Session; until: string }>();
const way = ref<'in' | 'up' | null>(null);
</script>

<template>
    <section class="guest" aria-label="your copy of the demo house">
        <p>
            This is a copy of the demo house, yours alone: change what you like. It goes on <strong>{{ clock(new Date(until)) }}</strong>.
            <template v-if="session.sign_up">What you begin or change here comes with you when you begin an account.</template>
        </p>
        <p v-if="!way" class="ways">
            <Button v-if="session.sign_up" label="Keep it: begin an account" size="small" @click="way = 'up'" />
            <button class="linkish" @click="way = 'in'">I have an account</button>
        </p>
        <p v-if="way === 'in'" class="soft">What you changed in this copy stays in it, and goes with it.</p>
        <SignIn v-if="way" :key="way" :session="session" :first="way" @in="$router.go(0)" />
    </section>
</template>

<style scoped>
.guest {
    margin: 20px 0 8px;
    padding: 14px 18px;
    border: 1px solid var(--rule);
    border-left: 4px solid var(--chalk);
    background: var(--sheet);
}
.guest p {
    margin: 0;
}
.ways {
    display: flex;
    gap: 16px;
    align-items: center;
    margin-top: 12px !important;
}
</style>
