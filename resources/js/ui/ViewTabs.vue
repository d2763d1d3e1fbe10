<script setup lang="ts">
/** The views a board has, in its title block. */
defineProps<{ views: { key: string; label: string }[]; view: string }>();
const emit = defineEmits<{ view: [key: string] }>();
</script>

<template>
    <div class="views" role="tablist">
        <button
            v-for="v in views"
            :key="v.key"
            role="tab"
            :aria-selected="v.key === view"
            :class="{ on: v.key === view }"
            @click="emit('view', v.key)"
        >
            {{ v.label }}
        </button>
    </div>
</template>
