<script setup lang="ts">
import { computed, ref } from 'vue';
import { isPutOff, signInAgain } from '../api/person';
import { say } from '../measure/say';
import { useOutbox } from '../project/outbox';
import { useProject } from '../project/store';
import UnsavedEdits from './UnsavedEdits.vue';

/** Whether what was done is with the server, and where it is if not. */
const project = useProject();
const outbox = useOutbox();
const showing = ref(false);
const count = computed(() => project.unsent.length);
/** Where they are: on this device's disk, or, where it would not take them, in this page. */
const where = computed(() => {
    if (outbox.loose.length > 0) return count.value === 1 ? say('1 edit in this page alone: leave it open') : say('{0} edits in this page alone: leave it open', count.value); // prettier-ignore
    return count.value === 1
        ? say('1 edit waiting on this device, not in the plan yet')
        : say('{0} edits waiting on this device, not in the plan yet', count.value);
});
const saved = computed(() => {
    const at = project.savedAt;
    return at ? say('Saved {0}', at.toTimeString().slice(0, 5)) : '';
});
const amiss = computed(() =>
    project.amiss.length <= 1 ? say('The last change is not saved') : say('{0} changes are not saved', project.amiss.length),
);
async function signIn(): Promise<void> {
    isPutOff.value = false;
    if (await signInAgain()) await outbox.flush();
}
</script>

<template>
    <span class="soft" role="status">
        <template v-if="project.saveState === 'saving'">Saving…</template>
        <template v-else-if="project.saveState === 'waiting'">{{ where }}</template>
        <template v-else-if="project.saveState === 'full'">{{ where }}; the server’s disk is full</template>
        <template v-else-if="project.saveState === 'ended'"
            >{{ where }}; <button class="linkish" @click="signIn">sign in to send</button></template
        >
        <button v-else-if="project.amiss.length" class="linkish" @click="showing = true">{{ amiss }}</button>
        <template v-else-if="project.saveState === 'refused'">The last change is not saved</template>
        <template v-else>{{ saved }}</template>
    </span>
    <UnsavedEdits v-if="showing" @close="showing = false" />
</template>
