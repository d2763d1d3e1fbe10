<script setup lang="ts">
import Toast from 'primevue/toast';
import { onBeforeUnmount, onMounted } from 'vue';
import Patterns from './draw/Patterns.vue';
import { useOutbox } from './project/outbox';

// What an earlier visit kept on this device is sent from whichever page is open.
const outbox = useOutbox();
const online = (): void => void outbox.flush();
onMounted(() => {
    if ('indexedDB' in window) void outbox.load().catch(() => undefined);
    window.addEventListener('online', online);
});
onBeforeUnmount(() => window.removeEventListener('online', online));
</script>

<template>
    <Patterns />
    <RouterView />
    <Toast position="bottom-right" />
</template>
