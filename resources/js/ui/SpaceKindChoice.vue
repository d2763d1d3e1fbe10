<script setup lang="ts">
import type { SpaceKind } from '../api/client';
import { spaceKinds } from './spaceKinds';

/** Which kind of awkward place it is, each with a sketch. */
defineProps<{ value: SpaceKind }>();
const emit = defineEmits<{ choose: [kind: SpaceKind] }>();
</script>

<template>
    <div class="kinds" role="radiogroup" aria-label="kind of space">
        <label v-for="k in spaceKinds" :key="k.kind" :class="{ on: k.kind === value }" :title="k.about">
            <input type="radio" name="space-kind" :value="k.kind" :checked="k.kind === value" @change="emit('choose', k.kind)" />
            <svg width="64" height="48" viewBox="0 0 64 48" aria-hidden="true">
                <path :d="k.mark" class="mark" />
                <path :d="k.solid" class="solid" />
            </svg>
            <span>{{ k.name }}</span>
        </label>
    </div>
    <p class="about soft">{{ spaceKinds.find((k) => k.kind === value)?.about }}</p>
</template>

<style scoped>
.kinds {
    width: 100%;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(112px, 1fr));
    gap: 8px;
}
label {
    display: grid;
    justify-items: center;
    gap: 2px;
    padding: 8px 4px;
    border: 1px solid var(--rule);
    border-radius: 3px;
    cursor: pointer;
    font-size: 12.5px;
    text-align: center;
    background: var(--sheet);
}
label.on {
    border-color: var(--chalk);
    box-shadow: inset 0 0 0 1px var(--chalk);
    font-weight: 650;
}
label:focus-within {
    outline: 2px solid var(--chalk);
    outline-offset: 2px;
}
input {
    position: absolute;
    opacity: 0;
    width: 1px;
    height: 1px;
}
svg path {
    fill: none;
    stroke: var(--ink);
}
.solid {
    stroke-width: 2;
}
.mark {
    stroke: var(--chalk);
    stroke-dasharray: 3 2;
}
.about {
    font-size: 13px;
    margin: 6px 0 0;
    min-height: 1.4em;
}
</style>
