<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { api, type Session } from '../api/client';
import { useTelling } from '../ui/telling';
import { say } from '../measure/say';

/** Signing in, beginning an account, or asking for a new password: one at a time. */
type Way = 'in' | 'up' | 'forgotten';
const props = withDefaults(defineProps<{ session: Session; first?: Way; over?: boolean }>(), { first: 'in' });
const emit = defineEmits<{ in: [] }>();
const way = ref<Way>(props.first);
const isFull = new URLSearchParams(window.location.search).get('demo') === 'full';
const name = ref('');
const household = ref('');
const email = ref('');
const password = ref('');
const sent = ref(false);
/** The password was right, and a second factor is on. */
const asksCode = ref(false);
const code = ref('');
const { trouble, tell } = useTelling();
const doing = computed(() => ({ in: say('Sign in'), up: say('Begin an account'), forgotten: say('Send me a link') })[way.value]);

async function go(): Promise<void> {
    await tell(async () => {
        if (way.value === 'forgotten') {
            await api.forgotten(email.value);
            sent.value = true;
            return;
        }
        if (asksCode.value) await api.signInCode(code.value);
        else if (way.value === 'in') {
            if ('second' in (await api.signIn(email.value, password.value))) {
                asksCode.value = true;
                return;
            }
        } else {
            const begun = await api.signUp({
                name: name.value,
                email: email.value,
                password: password.value,
                household: household.value,
            });
            if ('letter' in begun) {
                sent.value = true;
                return;
            }
        }
        emit('in');
    });
}
function turn(to: Way): void {
    way.value = to;
    sent.value = asksCode.value = false;
    trouble.value = [];
}
</script>

<template>
    <p v-if="session.demo && !session.user && !over"><a class="p-button" href="/demo">Open the demo house</a></p>
    <p v-if="isFull" role="status">As many people as fit are looking round the demo house just now. Try again in an hour.</p>
    <form :aria-label="doing" @submit.prevent="go">
        <label v-if="asksCode"
            >Code of your authenticator, or one on paper
            <InputText v-model="code" autocomplete="one-time-code" maxlength="40" required />
        </label>
        <template v-if="way === 'up'">
            <label>Your name <InputText v-model="name" maxlength="80" autocomplete="name" required /></label>
            <label>Household <InputText v-model="household" maxlength="80" placeholder="whose projects they are" /></label>
        </template>
        <label v-if="!asksCode">E-mail <InputText v-model="email" type="email" autocomplete="username" required /></label>
        <label v-if="way !== 'forgotten' && !asksCode"
            >Password
            <InputText
                v-model="password"
                type="password"
                :autocomplete="way === 'up' ? 'new-password' : 'current-password'"
                :placeholder="way === 'up' ? '10 characters or more' : ''"
                required
            />
        </label>
        <Button type="submit" :label="doing" />
        <p v-if="sent && way === 'up'" role="status">
            A letter is on its way to you. Open its link within a day, and the account is yours.
        </p>
        <p v-else-if="sent" role="status">
            If there is an account with this address, a letter with a link is on its way. It is good for an hour.
        </p>
    </form>
    <ul v-if="trouble.length" class="trouble" role="alert">
        <li v-for="t in trouble" :key="t">{{ t }}</li>
    </ul>
    <p class="other">
        <button v-if="way !== 'in' || asksCode" class="linkish" @click="turn('in')">Sign in</button>
        <button v-if="way !== 'up' && session.sign_up" class="linkish" @click="turn('up')">Begin an account</button>
        <button v-if="way !== 'forgotten'" class="linkish" @click="turn('forgotten')">Forgot the password?</button>
    </p>
</template>

<style scoped src="./pages.css"></style>
