<script setup lang="ts">
/** Play, pause, or lead it by hand. */
defineProps<{ share: number; playing: boolean; disabled?: boolean }>();
const emit = defineEmits<{ play: []; lead: [share: number] }>();
</script>

<template>
    <div class="play">
        <button class="linkish" :disabled="disabled" @click="emit('play')">{{ playing ? 'Pause' : 'Play' }}</button>
        <input
            :value="share"
            type="range"
            min="0"
            max="1"
            step="0.002"
            aria-label="along the way"
            :disabled="disabled"
            @input="emit('lead', Number(($event.target as HTMLInputElement).value))"
        />
        <slot />
    </div>
</template>

<style scoped>
.play {
    position: absolute;
    left: 16px;
    bottom: 14px;
    display: flex;
    align-items: center;
    gap: 10px;
    font-size: 13px;
}
input {
    width: 190px;
    accent-color: var(--chalk);
}
</style>
