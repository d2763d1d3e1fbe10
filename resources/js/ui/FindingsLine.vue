<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Finding } from '../api/plan';
import { render } from '../measure/words';
import { useProject } from '../project/store';
import AllLimits from './AllLimits.vue';
import FindingRow from './FindingRow.vue';
import SeverityMark from './SeverityMark.vue';
import { isOpen, severities } from './severity';
import { called } from '../measure/called';

const project = useProject();
const open = ref(false);

const bySeverity = (all: readonly Finding[]): Finding[] => severities.flatMap((s) => all.filter((f) => f.severity === s));
const sorted = computed(() => bySeverity((project.plan?.findings ?? []).filter(isOpen)));
const settled = computed(() => bySeverity((project.plan?.findings ?? []).filter((f) => !isOpen(f))));
const count = (s: string): number => sorted.value.filter((f) => f.severity === s).length;
const key = (f: Finding, i: number): string => `${f.code} ${f.place.ref} ${i}`;
</script>

<template>
    <footer class="findings">
        <div v-if="open" class="list" role="list">
            <FindingRow v-for="(f, i) in sorted" :key="key(f, i)" :finding="f" @shown="open = false" />
            <div v-if="sorted.length === 0" class="nothing soft">
                Nothing to say: readings agree, the piece goes in, every part fits a sheet.
            </div>
            <h4 v-if="settled.length">Accepted as they are, or decided</h4>
            <FindingRow v-for="(f, i) in settled" :key="key(f, i)" :finding="f" @shown="open = false" />
            <AllLimits />
        </div>
        <button class="bar" :aria-expanded="open" @click="open = !open">
            <span v-for="s in severities" :key="s" class="count" :class="{ none: !count(s) }">
                <SeverityMark :severity="s" />{{ count(s) }} {{ called(s) }}
            </span>
            <span class="message">{{ sorted[0] ? render(sorted[0].says, project.unit) : 'Nothing to say.' }}</span>
            <span class="linkish">{{ open ? 'Close' : 'All' }}</span>
        </button>
    </footer>
</template>

<style scoped>
.findings {
    position: relative;
    background: var(--paper);
}
.bar {
    width: 100%;
    height: 43px;
    display: flex;
    align-items: center;
    gap: 20px;
    border: 0;
    background: none;
    color: var(--ink);
    padding: 0 20px;
    cursor: pointer;
    text-align: left;
}
.count {
    display: inline-flex;
    align-items: center;
    gap: 7px;
    white-space: nowrap;
}
.count.none {
    color: var(--soft);
}
.message {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    border-left: 1px solid var(--rule);
    padding-left: 20px;
}
.none svg {
    opacity: 0.35;
}
.list {
    position: absolute;
    bottom: 43px;
    left: 0;
    right: 0;
    max-height: 46vh;
    overflow-y: auto;
    background: var(--sheet);
    border-top: 1px solid var(--rule);
    box-shadow: 0 -6px 18px rgb(0 0 0 / 12%);
    z-index: 20;
}
.nothing,
h4 {
    padding: 10px 20px;
    margin: 0;
    font-size: 13.5px;
}
</style>
