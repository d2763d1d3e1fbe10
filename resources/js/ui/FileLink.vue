<script setup lang="ts">
import { useTaking } from './taking';

/** A link to a file that the page itself fetches; with a key held down it is the browser's own, as any link. */
defineProps<{ to: string }>();
const taking = useTaking();
const take = (to: string, link: EventTarget | null): void => void taking.take(to, (link as HTMLElement).textContent.trim());
</script>

<template>
    <a :href="to" @click.exact.prevent="take(to, $event.currentTarget)"><slot /></a>
</template>
