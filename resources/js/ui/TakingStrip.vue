<script setup lang="ts">
import { useTaking, type Taking } from './taking';
import { say } from '../measure/say';

/** What is being fetched, how far it is, and why something did not come. */
const taking = useTaking();
const size = (bytes: number): string => (bytes < 1e6 ? say('{0} kB', Math.ceil(bytes / 1000)) : say('{0} MB', (bytes / 1e6).toFixed(1)));
function far(file: Taking): string {
    if (file.got === 0) return say('being drawn up…');
    return file.of === null ? size(file.got) : say('{0} of {1}', size(file.got), size(file.of));
}
</script>

<template>
    <ul v-if="taking.files.length" class="taking" aria-label="files on their way">
        <li v-for="f in taking.files" :key="f.id" :role="f.trouble ? 'alert' : 'status'">
            <b>{{ f.name }}</b>
            <template v-if="f.trouble">
                <span class="bad">did not come: {{ f.trouble }}</span>
                <button class="linkish" @click="taking.take(f.path, f.name)">Try again</button>
                <button class="linkish" @click="taking.leave(f.id)">Leave it</button>
            </template>
            <template v-else>
                <span class="soft">{{ far(f) }}</span>
                <progress v-if="f.of" :value="f.got" :max="f.of" :aria-label="f.name" />
                <progress v-else :aria-label="f.name" />
            </template>
        </li>
    </ul>
</template>

<style scoped>
.taking {
    position: fixed;
    left: 16px;
    bottom: 44px;
    z-index: 900;
    margin: 0;
    padding: 6px 12px;
    list-style: none;
    max-width: min(560px, 92vw);
    background: var(--sheet);
    border: 1px solid var(--rule);
    border-radius: 6px;
    font-size: 13px;
}
@media (min-width: 900px) {
    .taking {
        left: 100px;
    }
}
li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 10px;
    align-items: center;
    padding: 4px 0;
}
progress {
    width: 110px;
    accent-color: var(--chalk);
}
.bad {
    color: var(--brick);
}
</style>
