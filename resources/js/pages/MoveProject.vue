<script setup lang="ts">
import { computed, ref } from 'vue';
import { api, type Household, type ProjectLine } from '../api/client';

/** A project given to another household of one's own: which, and what that means for those who see it now. */
const props = defineProps<{ project: ProjectLine; households: readonly Household[] }>();
const emit = defineEmits<{ move: [work: () => Promise<unknown>]; leave: [] }>();
const others = computed(() => props.households.filter((h) => h.id !== props.project.household_id));
const to = ref(others.value[0]?.id ?? '');
</script>

<template>
    <form class="move" @submit.prevent="emit('move', () => api.moveProject(project.id, to))" @keydown.esc="emit('leave')">
        <label>
            Whose it is to be
            <select v-model="to" required>
                <option v-for="h in others" :key="h.id" :value="h.id">{{ h.name }}</option>
            </select>
        </label>
        <button class="linkish" type="submit">move it</button>
        <button class="linkish" type="button" @click="emit('leave')">leave it</button>
        <span class="soft"
            >Those who belong only to {{ project.household }} will no longer see it; its leftovers stay on the rack there.</span
        >
    </form>
</template>

<style scoped>
.move {
    grid-column: 2 / -1;
    display: flex;
    flex-wrap: wrap;
    gap: 6px 14px;
    align-items: center;
    max-width: none;
    margin: 0;
    padding-bottom: 8px;
}
.move .soft {
    flex: 1 1 100%;
}
</style>
