<script setup lang="ts">
import { ref } from 'vue';
import { useOutbox } from '../../project/outbox';
import { photoOf } from '../../project/photo';
import { remark } from './atWork';

/** A note and a photo of what is in hand, kept on this device until the server has them. */
const props = defineProps<{ project: string; about: string; what: string }>();
const outbox = useOutbox();
const noting = ref(false);
const text = ref('');
const trouble = ref('');

async function keep(): Promise<void> {
    const said = text.value.trim();
    text.value = '';
    noting.value = false;
    try {
        if (said) await outbox.add(props.project, [remark(props.about, said)]);
    } catch {
        // Why is said below, by the outbox itself.
        [text.value, noting.value] = [said, true];
    }
}
async function photo(e: Event): Promise<void> {
    const input = e.target as HTMLInputElement;
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    try {
        const { op, blob, photo: name } = await photoOf(file, { kind: 'picture', about: props.about });
        trouble.value = '';
        await outbox.add(props.project, [op], { id: name, blob });
    } catch (error) {
        trouble.value = error instanceof Error ? error.message : String(error);
    }
}
</script>

<template>
    <form v-if="noting" class="noting" @submit.prevent="keep">
        <input v-model="text" :aria-label="`note on ${what}`" :placeholder="`Note on ${what}`" maxlength="500" />
        <button type="submit">Keep</button>
    </form>
    <template v-else>
        <button class="act" @click="noting = true">Note</button>
        <label class="act"
            >Photo<input type="file" accept="image/*" capture="environment" :aria-label="`photo of ${what}`" @change="photo"
        /></label>
    </template>
    <p v-if="trouble || outbox.unkept" role="alert" class="trouble">{{ trouble || outbox.unkept }}</p>
</template>

<style scoped>
.noting {
    display: flex;
    gap: 8px;
    flex: 1;
}
.noting input {
    flex: 1;
    min-width: 0;
    font: inherit;
    font-size: 18px;
    padding: 0 12px;
    border: 1px solid var(--rule);
    background: var(--sheet);
    color: var(--ink);
}
label input {
    position: absolute;
    opacity: 0;
    width: 1px;
}
.trouble {
    color: var(--brick);
}
</style>
