<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { api, type OpenSession } from '../api/client';
import { clock } from '../measure/clock';
import { useTelling } from '../ui/telling';

/** Where one is signed in; any of it can be ended from here. */
const sessions = ref<readonly OpenSession[]>([]);
const { trouble, tell } = useTelling();
const load = async (): Promise<void> => void (sessions.value = (await api.sessions()).data);
onMounted(() => tell(load));
const end = (id?: string): Promise<boolean> =>
    tell(async () => {
        await api.endSession(id);
        await load();
    });
</script>

<template>
    <section aria-label="where you are signed in">
        <h2>Where you are signed in</h2>
        <ul aria-label="sessions">
            <li v-for="s in sessions" :key="s.id">
                <span>{{ s.device }}</span>
                <span class="soft" translate="no">{{ s.from }}</span>
                <span class="soft">last seen {{ clock(new Date(s.seen)) }}</span>
                <span v-if="s.me" class="soft">this one</span>
                <button v-else class="linkish" :aria-label="`end ${s.device}, ${s.from}`" @click="end(s.id)">end it</button>
            </li>
        </ul>
        <button v-if="sessions.length > 1" class="linkish" @click="end()">End all others</button>
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </section>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
ul[aria-label='sessions'] li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 130px 190px 80px;
    gap: 12px;
    padding: 8px 0;
    border-bottom: 1px solid var(--rule);
}
</style>
