<script setup lang="ts">
import type { RevisionLine } from '../../api/client';
import { useProject } from '../../project/store';
import { change } from './told';
import { clock } from '../../measure/clock';

/** Revisions, newest first: who, when, and what it changed. */
const props = defineProps<{ lines: readonly RevisionLine[]; from: number | null }>();
const emit = defineEmits<{ from: [number: number]; earlier: [] }>();
const project = useProject();
const when = (at: string): string => clock(new Date(at));
const hasMore = (): boolean => (props.lines.at(-1)?.number ?? 1) > 1;
</script>

<template>
    <nav class="revisions" aria-label="revisions">
        <ol>
            <li v-for="l in lines" :key="l.number">
                <button :class="{ on: l.number === from }" :aria-pressed="l.number === from" @click="emit('from', l.number)">
                    <b>{{ l.name ?? `Revision ${l.number}` }}</b>
                    <span class="soft">{{ l.name ? `revision ${l.number}, ` : '' }}{{ l.by ?? 'somebody' }}, {{ when(l.made_at) }}</span>
                    <span v-for="(r, i) in l.rows.slice(0, 3)" :key="i" class="row">{{ change(r, project.unit) }}</span>
                    <span v-if="l.rows.length + l.more > 3" class="soft row">and {{ l.rows.length + l.more - 3 }} more</span>
                    <span v-if="l.number === 1" class="soft row">as it began</span>
                </button>
            </li>
        </ol>
        <button v-if="hasMore()" class="linkish" @click="emit('earlier')">Earlier ones</button>
    </nav>
</template>

<style scoped>
.revisions {
    overflow-y: auto;
    border-right: 1px solid var(--rule);
    padding-bottom: 20px;
}
ol {
    list-style: none;
    margin: 0;
    padding: 0;
}
li button {
    display: grid;
    width: 100%;
    text-align: left;
    gap: 1px;
    padding: 8px 16px;
    border: 0;
    border-bottom: 1px solid var(--rule);
    background: none;
    color: var(--ink);
    cursor: pointer;
}
li .on {
    background: var(--chalk-wash);
    box-shadow: inset 3px 0 var(--chalk);
}
.row {
    font-size: 13px;
}
</style>
