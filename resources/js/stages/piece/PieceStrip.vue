<script setup lang="ts">
import { ref } from 'vue';
import PieceTabs from '../../ui/PieceTabs.vue';
import StarterDialog from './StarterDialog.vue';

/** The pieces, and the way to begin from another one. */
const asking = ref(false);
</script>

<template>
    <PieceTabs><button @click="asking = true">Begin from a starter</button></PieceTabs>
    <StarterDialog v-model="asking" />
</template>
