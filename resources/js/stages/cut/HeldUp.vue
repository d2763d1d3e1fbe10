<script setup lang="ts">
import { computed } from 'vue';
import type { Finding } from '../../api/plan';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import Decision from '../../ui/Decision.vue';

/** What must not be cut, or not be fixed in its place, until somebody has decided. */
const project = useProject();
const held = computed(() => {
    const found = new Map<string, { finding: Finding; pieces: string[] }>();
    for (const piece of Object.values(project.plan?.pieces ?? {})) {
        for (const { code, ref } of piece.held) {
            const finding = project.plan!.findings.find((f) => f.code === code && f.place.ref === ref);
            const known = found.get(`${code} ${ref}`);
            if (known) known.pieces.push(piece.name);
            else if (finding) found.set(`${code} ${ref}`, { finding, pieces: [piece.name] });
        }
    }
    return [...found.values()].sort((a, b) => (a.finding.before === b.finding.before ? 0 : a.finding.before === 'cut' ? -1 : 1));
});
</script>

<template>
    <details v-if="held.length" class="held" :open="held.some((h) => h.finding.before === 'cut')">
        <summary>{{ held.length === 1 ? 'One thing waits' : `${held.length} things wait` }} for somebody to decide</summary>
        <div v-for="h in held" :key="`${h.finding.code} ${h.finding.place.ref}`" class="one" :class="h.finding.before">
            <b>{{ h.pieces.join(', ') }}:</b> {{ render(h.finding.says, project.unit) }}
            <Decision :finding="h.finding" />
        </div>
    </details>
</template>

<style scoped>
.held {
    flex: none;
    max-height: 38%;
    overflow-y: auto;
    margin: 8px 16px 0;
    padding: 6px 12px;
    border-left: 3px solid var(--brick);
    background: var(--sheet-fill);
    font-size: 13px;
}
summary {
    cursor: pointer;
    font-weight: 650;
}
.one {
    margin-top: 6px;
}
</style>
