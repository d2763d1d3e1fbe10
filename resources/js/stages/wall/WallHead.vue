<script setup lang="ts">
import { computed } from 'vue';
import type { Walked } from '../../api/plan';
import { useOutbox } from '../../project/outbox';
import { isRead } from '../../project/readings';
import { useProject } from '../../project/store';
import { isPhone } from '../../ui/phone';
import { say } from '../../measure/say';

/** Where in the walk this is, and how much is still kept on this phone alone. */
const props = defineProps<{ walk: readonly Walked[]; here: string; waiting: number }>();
const emit = defineEmits<{ go: [id: string | null] }>();
const project = useProject();
const outbox = useOutbox();
const phone = isPhone();
const at = computed(() => props.walk.findIndex((r) => r.id === props.here));
const kept = computed(() => {
    if (props.waiting === 0) return '';
    if (outbox.signedOut) return say('{0} kept on this phone: sign in again to send them', props.waiting);
    return say('{0} kept on this phone', props.waiting);
});

function goTo(space: string): void {
    project.chosenSpace = space;
    emit('go', project.site?.walk[0]?.id ?? null);
}
</script>

<template>
    <header>
        <RouterLink
            :to="phone ? '/' : `/projects/${project.line!.id}/site`"
            class="out"
            :aria-label="phone ? 'all projects' : 'back to the desk'"
            >‹</RouterLink
        >
        <select
            v-if="project.spaces.length > 1"
            :value="project.space![0]"
            aria-label="space"
            @change="(e) => goTo((e.target as HTMLSelectElement).value)"
        >
            <option v-for="[id, s] in project.spaces" :key="id" :value="id">{{ s.name }}</option>
        </select>
        <h1 v-else>{{ project.space![1].name }}</h1>
        <span class="state" role="status"
            >{{ at + 1 }} of {{ walk.length }}<template v-if="kept"> · {{ kept }}</template></span
        >
    </header>
    <nav class="ticks" aria-label="readings">
        <button
            v-for="(r, i) in walk"
            :key="r.id"
            :class="{ done: isRead(r), passed: r.unreached !== null, on: r.id === here }"
            :aria-label="`reading ${i + 1}`"
            :aria-current="r.id === here"
            @click="emit('go', r.id)"
        />
    </nav>
</template>

<style scoped>
header {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto;
    align-items: center;
    gap: 8px;
    padding: 10px 14px;
}
.out {
    font-size: 26px;
    line-height: 1;
    color: var(--chalk);
    text-decoration: none;
    padding: 4px 8px 6px 0;
}
h1,
select {
    font-size: 17px;
    font-weight: 700;
    margin: 0;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    background: none;
    border: 0;
    color: var(--ink);
}
.state {
    font-size: 13px;
    color: var(--soft);
    text-align: right;
    max-width: 190px;
}
.ticks {
    display: flex;
    align-items: flex-end;
    height: 32px;
    padding: 0 6px;
    background: var(--wood);
    border-block: 1px solid var(--rule);
    overflow: hidden;
}
.ticks button {
    flex: 1;
    min-width: 4px;
    height: 32px;
    padding: 0;
    border: 0;
    background: linear-gradient(#545148, #545148) center bottom / 2px 9px no-repeat;
    opacity: 0.55;
}
.ticks .passed {
    background: repeating-linear-gradient(90deg, var(--soft) 0 3px, transparent 3px 6px);
}
.ticks .done {
    background-size: 2px 15px;
    opacity: 1;
}
.ticks .on {
    background: linear-gradient(var(--chalk), var(--chalk)) center bottom / 3px 24px no-repeat;
    opacity: 1;
}
</style>
