<script setup lang="ts">
import { computed, ref } from 'vue';
import { readLength, type Unit } from '../../measure/read';
import type { Measured } from './atWork';

/** Which part came out wrong, why, and what it measures: with that it may become another part, or a board to cut from. */
const props = defineProps<{ parts: { id: string; label: string }[]; unit: Unit }>();
const emit = defineEmits<{ wrong: [part: string, cause: string, measured: Measured]; close: [] }>();
const cause = ref('');
const typed = ref({ length: '', width: '' });
const read = computed(() => {
    try {
        const said = Object.entries(typed.value).filter(([, t]) => t.trim() !== '');
        return { sizes: Object.fromEntries(said.map(([k, t]) => [k, readLength(t, props.unit).mm])) as Measured, refusal: '' };
    } catch (error) {
        return { sizes: {}, refusal: error instanceof Error ? error.message : String(error) };
    }
});
</script>

<template>
    <div class="ask" role="dialog" aria-label="cut wrong">
        <h2>Which part came out wrong?</h2>
        <input v-model="cause" class="why" maxlength="300" aria-label="what went wrong" placeholder="What went wrong, if you like" />
        <div class="sizes">
            <span>It measures, if you know</span>
            <input v-model="typed.length" class="why" aria-label="length it measures" :placeholder="`length, ${unit}`" />
            <span aria-hidden="true">×</span>
            <input v-model="typed.width" class="why" aria-label="width it measures" :placeholder="`width, ${unit}`" />
        </div>
        <p v-if="read.refusal" role="alert" class="bad">{{ read.refusal }}</p>
        <div class="which">
            <button
                v-for="p in parts"
                :key="p.id"
                class="act wrong"
                :disabled="read.refusal !== ''"
                @click="emit('wrong', p.id, cause.trim(), read.sizes)"
            >
                {{ p.label }}
            </button>
        </div>
        <button class="act" @click="emit('close')">None of them</button>
    </div>
</template>

<style scoped>
.ask {
    position: absolute;
    inset: auto 0 0 0;
    padding: 20px;
    background: var(--sheet);
    border-top: 3px solid var(--brick);
    z-index: 5;
    display: grid;
    gap: 12px;
}
.why {
    font: inherit;
    font-size: 18px;
    padding: 10px 12px;
    border: 1px solid var(--rule);
    background: var(--paper);
    color: var(--ink);
    min-width: 0;
}
.sizes {
    display: flex;
    align-items: center;
    gap: 10px;
    font-size: 17px;
}
.sizes .why {
    width: 150px;
}
.bad {
    color: var(--brick);
    margin: 0;
}
.which {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    max-height: 45vh;
    overflow-y: auto;
}
@media (max-width: 620px) {
    .sizes {
        flex-wrap: wrap;
    }
}
</style>
