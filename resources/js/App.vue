<script setup lang="ts">
import Toast from 'primevue/toast';
import { defineAsyncComponent, onBeforeUnmount, onMounted } from 'vue';
import Patterns from './draw/Patterns.vue';
import { asksOverPage, asksPassword } from './api/person';
import { useOutbox } from './project/outbox';
import TakingStrip from './ui/TakingStrip.vue';

// Hardly ever wanted.
const SignInAgain = defineAsyncComponent(() => import('./pages/SignInAgain.vue'));
asksOverPage();
// What an earlier visit kept on this device is sent from whichever page is open.
const outbox = useOutbox();
const online = (): void => void outbox.flush();
// Edits that this device's disk would not take go with the page.
const leaving = (e: BeforeUnloadEvent): void => {
    if (outbox.loose.length > 0) e.preventDefault();
};
onMounted(() => {
    void outbox.load().catch(() => undefined);
    window.addEventListener('beforeunload', leaving);
    window.addEventListener('online', online);
});
onBeforeUnmount(() => {
    window.removeEventListener('online', online);
    window.removeEventListener('beforeunload', leaving);
});
</script>

<template>
    <Patterns />
    <RouterView />
    <TakingStrip />
    <SignInAgain v-if="asksPassword" />
    <Toast position="bottom-right" />
</template>
