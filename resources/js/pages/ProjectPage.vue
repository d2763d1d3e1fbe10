<script setup lang="ts">
import { defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useProject } from '../project/store';
import Batten from '../ui/Batten.vue';
import FindingsLine from '../ui/FindingsLine.vue';
import { usePicked } from '../ui/picked';
import { useRefusals } from '../ui/refusals';
import { stages } from '../ui/stages';
import TopBar from '../ui/TopBar.vue';

// Hardly ever wanted.
const ConflictDialog = defineAsyncComponent(() => import('../ui/ConflictDialog.vue'));
const project = useProject();
const route = useRoute();
const router = useRouter();
const guarded = useRefusals();
const picked = usePicked();
const trouble = ref('');

watch(
    () => route.params.id,
    async (id) => {
        if (typeof id !== 'string' || project.line?.id === id) return;
        trouble.value = '';
        picked.value = null;
        try {
            await project.open(id);
        } catch (error) {
            trouble.value = error instanceof Error ? error.message : String(error);
        }
    },
    { immediate: true },
);

const isTyping = (e: KeyboardEvent): boolean => e.target instanceof HTMLInputElement || e.target instanceof HTMLTextAreaElement;

function keys(e: KeyboardEvent): void {
    if ((e.ctrlKey || e.metaKey) && e.key.toLowerCase() === 'z' && !isTyping(e)) {
        e.preventDefault();
        void guarded(e.shiftKey ? project.redo() : project.undo());
        return;
    }
    const stage = stages[Number(e.code.replace('Digit', '')) - 1];
    if (stage && !e.ctrlKey && !e.metaKey && (e.altKey || (!isTyping(e) && picked.value === null))) {
        e.preventDefault();
        void router.push(`/projects/${String(route.params.id)}/${stage.name}`);
    }
    if (e.key === 'Escape' && !isTyping(e)) picked.value = null;
}
onMounted(() => window.addEventListener('keydown', keys));
onBeforeUnmount(() => window.removeEventListener('keydown', keys));
</script>

<template>
    <div v-if="project.plan" class="page">
        <Batten />
        <TopBar />
        <RouterView />
        <FindingsLine />
        <ConflictDialog v-if="project.conflict" />
    </div>
    <p v-else class="wait">{{ trouble || 'Opening the project…' }} <RouterLink v-if="trouble" to="/">All projects</RouterLink></p>
</template>

<style scoped>
.wait {
    padding: 40px;
}
</style>
