<script setup lang="ts">
import Button from 'primevue/button';
import Dialog from 'primevue/dialog';
import { onBeforeUnmount, onMounted, ref } from 'vue';
import { api, type Session } from '../api/client';
import { person, signedIn } from '../api/person';
import { useOutbox } from '../project/outbox';
import SignIn from './SignIn.vue';

/** The session ended, or there was none: the password is asked for over the page, and what was asked for goes on where it was. */
const outbox = useOutbox();
const session = ref<Session | null>(null);
/** Who the page is of; nobody where it was only just opened. */
const before = person.value?.id;

/** Somebody may have signed in on another page of this browser meanwhile. */
async function look(): Promise<void> {
    session.value = await api.session().catch(() => null);
    if (session.value?.user) goOn();
}
onMounted(() => {
    void look();
    window.addEventListener('focus', look);
});
onBeforeUnmount(() => window.removeEventListener('focus', look));

/** Another person's page is begun anew: nothing that was asked for here is asked in their name. */
function goOn(): void {
    if (before !== undefined && before !== person.value?.id) return window.location.reload();
    outbox.signedOut = false;
    signedIn(true);
    void outbox.flush();
}
</script>

<template>
    <Dialog visible modal :closable="false" header="Sign in to go on" :style="{ width: '460px', maxWidth: '96vw' }">
        <p v-if="before" class="soft">Your session has ended. This page stays as it is, and goes on once you are in.</p>
        <p v-else class="soft">This page is read by those it belongs to. You come back to it once you are in.</p>
        <p v-if="outbox.kept.length" role="status">
            {{ outbox.kept.length === 1 ? 'One edit waits' : `${outbox.kept.length} edits wait` }} on this device, and will be sent.
        </p>
        <div class="paper in"><SignIn v-if="session" :session="session" over @in="goOn" /></div>
        <template #footer><Button label="Later" severity="secondary" @click="signedIn(false)" /></template>
    </Dialog>
</template>

<style scoped>
.in {
    padding: 0;
    margin: 0;
    min-height: 0;
}
</style>
