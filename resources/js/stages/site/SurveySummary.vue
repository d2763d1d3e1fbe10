<script setup lang="ts">
import { computed } from 'vue';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import HowWeKnow from './HowWeKnow.vue';
import NextReadings from './NextReadings.vue';
import { isOpen, isRead } from '../../project/readings';
import RoomShape from './RoomShape.vue';

/** How far the survey has come, and what it says of the room. */
const project = useProject();
const picked = usePicked();
const walk = computed(() => project.site?.walk ?? []);
const done = computed(() => walk.value.filter(isRead).length);
const next = computed(() => walk.value.find(isOpen) ?? null);
</script>

<template>
    <section class="tape-paper">
        <div class="what">Readings taken</div>
        <div class="big">
            {{ done }}<small>of {{ walk.length }}</small>
        </div>
        <p class="help">
            <template v-if="next">
                Next: the {{ render(next.name, project.unit) }}.
                <button class="linkish" @click="picked = next!.id">Read it</button>
            </template>
            <template v-else-if="done < walk.length">All that could be reached is read; {{ walk.length - done }} could not.</template>
            <template v-else>Everything on the list is read. Pick a number on the drawing to correct it.</template>
        </p>
        <RoomShape v-if="done > 0" />
        <NextReadings v-if="done > 0" />
        <HowWeKnow v-if="done > 0" />
    </section>
</template>

<style scoped>
.help {
    font-size: 13px;
    margin: 8px 0 0;
}
</style>
