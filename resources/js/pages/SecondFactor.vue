<script setup lang="ts">
import Button from 'primevue/button';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { api } from '../api/client';
import { useTelling } from '../ui/telling';

/** A second factor: shown as a picture for an authenticator to read, proved by its first code; ten codes on paper, shown once. */
const props = defineProps<{ left: number | null }>();
const emit = defineEmits<{ changed: [] }>();
const password = ref('');
const code = ref('');
const begun = ref<{ secret: string; rows: readonly string[] } | null>(null);
const codes = ref<readonly string[]>([]);
const { trouble, tell } = useTelling();
const isOn = computed(() => props.left !== null || codes.value.length > 0);
/** A square for each dark dot. */
const dots = computed(() =>
    (begun.value?.rows ?? [])
        .flatMap((row, y) => [...row].flatMap((dot, x) => (dot === '1' ? [`M${x + 4} ${y + 4}h1v1h-1z`] : [])))
        .join(''),
);
const side = computed(() => (begun.value?.rows.length ?? 0) + 8);

async function begin(): Promise<void> {
    await tell(async () => {
        begun.value = await api.beginSecond(password.value);
        password.value = '';
    });
}
async function confirm(): Promise<void> {
    await tell(async () => {
        codes.value = (await api.confirmSecond(code.value)).codes;
        [begun.value, code.value] = [null, ''];
        emit('changed');
    });
}
async function off(): Promise<void> {
    await tell(async () => {
        await api.turnSecondOff(password.value);
        [password.value, codes.value] = ['', []];
        emit('changed');
    });
}
</script>

<template>
    <section aria-label="second factor">
        <h2>A second factor</h2>
        <p v-if="!isOn && !begun">
            Beside the password a code is asked for that an authenticator on your phone shows, a new one every thirty seconds. Whoever
            learns your password still does not come in.
        </p>
        <p v-if="isOn && !codes.length">
            It is on: signing in asks for a code. Codes on paper left: <strong>{{ left }}</strong>.
        </p>
        <template v-if="codes.length">
            <p role="status">
                It is on. Write these ten codes down and keep them apart from your phone: each lets you in once when it is gone.
            </p>
            <ol class="codes" aria-label="codes on paper">
                <li v-for="c in codes" :key="c" translate="no">{{ c }}</li>
            </ol>
        </template>
        <form v-if="begun" aria-label="prove the second factor" @submit.prevent="confirm">
            <p>Let your authenticator read the picture, or type the letters into it, then enter the six digits it shows.</p>
            <svg :viewBox="`0 0 ${side} ${side}`" role="img" aria-label="the secret as a picture" class="picture">
                <rect :width="side" :height="side" fill="#fff" />
                <path :d="dots" fill="#000" />
            </svg>
            <p class="secret" translate="no">{{ begun.secret.match(/.{4}/g)?.join(' ') }}</p>
            <label>Code <InputText v-model="code" inputmode="numeric" autocomplete="one-time-code" maxlength="20" required /></label>
            <Button type="submit" label="Turn it on" />
        </form>
        <form v-else :aria-label="isOn ? 'turn the second factor off' : 'begin a second factor'" @submit.prevent="isOn ? off() : begin()">
            <label
                >Password, to be sure
                <InputText v-model="password" type="password" autocomplete="current-password" required />
            </label>
            <Button v-if="isOn" type="submit" label="Turn it off" severity="secondary" />
            <Button v-else type="submit" label="Set it up" severity="secondary" />
        </form>
        <ul v-if="trouble.length" class="trouble" role="alert">
            <li v-for="t in trouble" :key="t">{{ t }}</li>
        </ul>
    </section>
</template>

<style scoped src="./pages.css"></style>
<style scoped>
.picture {
    width: 200px;
    border: 1px solid var(--rule);
}
.secret,
.codes {
    font-family: monospace;
    font-size: 15px;
}
.secret {
    white-space: nowrap;
}
.codes {
    columns: 2;
    max-width: 480px;
    line-height: 1.8;
}
</style>
