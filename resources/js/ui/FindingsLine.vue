<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Finding } from '../api/plan';
import { render } from '../measure/words';
import { useProject } from '../project/store';
import { usePicked } from './picked';

const project = useProject();
const router = useRouter();
const picked = usePicked();
const open = ref(false);

const severities = ['stop', 'look', 'note'] as const;
const marks = { stop: 'M5.5 1h6l4.5 4.5v6l-4.5 4.5h-6l-4.5-4.5v-6z', look: 'M8.5 1.5l7.5 14h-15z', note: 'M8.5 4a4.5 4.5 0 1 0 .01 0z' };
const sorted = computed(() => severities.flatMap((s) => project.plan?.findings.filter((f) => f.severity === s) ?? []));
const count = (s: string): number => sorted.value.filter((f) => f.severity === s).length;

function go(finding: Finding): void {
    open.value = false;
    project.showSpaceOf(finding.place.ref);
    picked.value = finding.place.ref;
    void router.push(`/projects/${project.line!.id}/${finding.place.stage}`);
}
</script>

<template>
    <footer class="findings">
        <div v-if="open" class="list" role="list">
            <div v-for="(f, i) in sorted" :key="i" class="finding" role="listitem">
                <svg width="17" height="17" :class="f.severity" aria-hidden="true"><path :d="marks[f.severity]" /></svg>
                <div>
                    <b>{{ f.severity }}</b> {{ render(f.says, project.unit) }}
                    <div class="soft">
                        {{ render(f.remedy, project.unit) }} <i>Source: {{ render(f.source, project.unit) }}.</i>
                    </div>
                </div>
                <button class="linkish" @click="go(f)">Show</button>
            </div>
            <div v-if="sorted.length === 0" class="finding soft">
                Nothing to say: readings agree, the piece goes in, every part fits a sheet.
            </div>
        </div>
        <button class="bar" :aria-expanded="open" @click="open = !open">
            <span v-for="s in severities" :key="s" class="count" :class="{ none: !count(s) }">
                <svg width="17" height="17" :class="s" aria-hidden="true"><path :d="marks[s]" /></svg>{{ count(s) }} {{ s }}
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
svg.stop {
    fill: var(--brick);
}
svg.look {
    fill: var(--ochre);
}
svg.note {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.6;
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
.finding {
    display: grid;
    grid-template-columns: 20px minmax(0, 1fr) auto;
    gap: 10px;
    padding: 10px 20px;
    border-bottom: 1px solid var(--rule);
    align-items: start;
    font-size: 13.5px;
}
.finding i {
    font-style: normal;
    opacity: 0.85;
}
</style>
