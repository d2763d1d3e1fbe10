<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { api, type Household, type Role } from '../api/client';
import { useTelling } from '../ui/telling';
import { called } from '../measure/called';

/** One household: who belongs, whom it has asked, and asking somebody. */
const props = defineProps<{ household: Household }>();
const emit = defineEmits<{ changed: [] }>();
const roles: Role[] = ['owner', 'maker', 'viewer'];
const isOwner = computed(() => props.household.role === 'owner');
const email = ref('');
const role = ref<Role>('maker');
const sent = ref('');
const { trouble, tell } = useTelling();
async function change(work: () => Promise<unknown>): Promise<boolean> {
    const done = await tell(async () => {
        await work();
    });
    emit('changed');
    return done;
}
async function invite(): Promise<void> {
    sent.value = '';
    const to = email.value;
    if (await change(() => api.invite(props.household.id, to, role.value))) [sent.value, email.value] = [to, ''];
}
</script>

<template>
    <section :aria-label="household.name">
        <h2>{{ household.name }}</h2>
        <ul aria-label="members">
            <li v-for="m in household.members" :key="m.id">
                <span>{{ m.name }}{{ m.me ? ', you' : '' }}</span>
                <select
                    v-if="isOwner"
                    :value="m.role"
                    :aria-label="`what ${m.name} is`"
                    @change="change(() => api.makeMember(household.id, m.id, ($event.target as HTMLSelectElement).value as Role))"
                >
                    <option v-for="r in roles" :key="r" :value="r">{{ called(r) }}</option>
                </select>
                <span v-else class="soft">{{ called(m.role) }}</span>
                <button v-if="isOwner || m.me" class="linkish" @click="change(() => api.takeOut(household.id, m.id))">
                    {{ m.me ? 'leave' : 'take out' }}
                </button>
            </li>
            <li v-for="i in household.invitations" :key="i.id" class="soft">
                <span>{{ i.email }}, asked until {{ i.until }}</span>
                <span>{{ called(i.role) }}</span>
                <button class="linkish" @click="change(() => api.callOffInvitation(household.id, i.id))">call off</button>
            </li>
        </ul>
        <form v-if="isOwner" class="ask" :aria-label="`ask somebody into ${household.name}`" @submit.prevent="invite">
            <InputText v-model="email" type="email" required aria-label="e-mail of whom to ask" placeholder="E-mail of whom to ask" />
            <select v-model="role" aria-label="as what">
                <option v-for="r in roles" :key="r" :value="r">{{ called(r) }}</option>
            </select>
            <Button type="submit" label="Ask" severity="secondary" />
        </form>
        <p v-if="sent" role="status">A letter to {{ sent }} is on its way.</p>
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </section>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
ul[aria-label='members'] li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 110px 80px;
    gap: 12px;
    align-items: center;
    padding: 8px 0;
    border-bottom: 1px solid var(--rule);
}
.ask {
    display: flex;
    max-width: none;
    margin-top: 10px;
}
.ask :deep(input) {
    width: 260px;
}
</style>
