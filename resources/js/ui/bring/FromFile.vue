<script setup lang="ts">
/** A text pasted, or chosen as a file; the file is read here and goes nowhere but to this server. */
const text = defineModel<string>({ required: true });
defineProps<{ accept: string; example: string; label: string; quiet?: boolean }>();
const emit = defineEmits<{ chosen: [name: string] }>();
async function choose(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement;
    const file = input.files?.[0];
    if (!file) return;
    text.value = await file.text();
    emit('chosen', file.name);
    input.value = '';
}
</script>

<template>
    <textarea v-if="!quiet" v-model="text" :aria-label="label" :placeholder="example" spellcheck="false"></textarea>
    <label class="file">
        <span class="linkish">{{ quiet ? 'Choose the file' : 'or choose a file' }}</span>
        <input type="file" :accept="accept" :aria-label="`${label}, as a file`" @change="choose" />
    </label>
</template>

<style scoped src="./bring.css"></style>
<style scoped>
.file input {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
}
.file:focus-within .linkish {
    outline: 2px solid var(--chalk);
    outline-offset: 2px;
}
</style>
