<script setup lang="ts">
import { showWithUnit } from '../../measure/show';
import { useProject } from '../../project/store';

/** What is bought for the piece, as far as its bays, doors and joints say. */
const project = useProject();
</script>

<template>
    <ul class="pick-list">
        <li v-for="(line, i) in project.fitted?.hardware ?? []" :key="i">
            <span
                >{{ project.say(line.name)
                }}<template v-if="line.length !== null">, {{ showWithUnit(line.length, project.unit) }}</template></span
            >
            <b>{{ line.count }}</b>
        </li>
    </ul>
    <p v-if="(project.fitted?.hardware ?? []).length === 0" class="soft">Nothing yet.</p>
</template>

<style scoped>
p {
    font-size: 13px;
}
</style>
