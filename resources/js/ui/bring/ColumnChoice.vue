<script setup lang="ts">
/** Which column of a list is which, as found and as the person would have it. */
defineProps<{ titles: readonly string[]; wants: readonly { key: string; label: string }[]; columns: Readonly<Record<string, number>> }>();
const emit = defineEmits<{ columns: [key: string, column: number] }>();
</script>

<template>
    <div class="row">
        <label v-for="w in wants" :key="w.key">
            {{ w.label }}
            <select
                :value="columns[w.key] ?? -1"
                :aria-label="`column of ${w.label}`"
                @change="emit('columns', w.key, Number(($event.target as HTMLSelectElement).value))"
            >
                <option :value="-1">none</option>
                <option v-for="(t, i) in titles" :key="i" :value="i">{{ t }}</option>
            </select>
        </label>
    </div>
</template>

<style scoped src="./bring.css"></style>
