<script setup lang="ts">
/** What walls and scribed fillers are hatched with, once for all drawings of the page. */
</script>

<template>
    <svg class="patterns" width="0" height="0" aria-hidden="true">
        <defs>
            <pattern id="masonry" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
                <rect width="9" height="9" class="hatch-ground-wall" />
                <path d="M0 0V9" class="hatch" />
            </pattern>
            <pattern id="scribe" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <rect width="5" height="5" class="hatch-ground-filler" />
                <path d="M0 0V5" class="hatch" />
            </pattern>
        </defs>
    </svg>
</template>

<style scoped>
.patterns {
    position: absolute;
}
</style>
