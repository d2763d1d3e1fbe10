<script setup lang="ts">
import Button from 'primevue/button';
import Select from 'primevue/select';
import { computed } from 'vue';
import { show } from '../../measure/show';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { usePlace } from './place';
import { say } from '../../measure/say';

/** Where the picked part lies, and what a hand may do with it. */
const project = useProject();
const picked = usePicked();
const place = usePlace();

const found = computed(() => {
    for (const material of project.plan?.cut ?? []) {
        for (const [n, sheet] of material.sheets.entries()) {
            const at = sheet.placements.find((p) => p.part === picked.value);
            if (at) return { material, n, sheet, at, locked: sheet.locked.includes(at.item) };
        }
    }
    return null;
});
const part = computed(() => project.plan?.parts.find((p) => p.id === picked.value));
const sheets = computed(() => (found.value?.material.sheets ?? []).map((_, n) => ({ value: n, label: say('Sheet {0}', n + 1) })));

function put(change: { sheet?: number; turned?: boolean; locked: boolean }): Promise<boolean> {
    const { material, n, at } = found.value!;
    const to = change.sheet ?? n;
    const corner = material.sheets[to]!.trims as [number, number, number, number];
    const [x, y] = to === n ? [at.x_mm, at.y_mm] : [corner[0], corner[2]];
    return place(material.material, at, { sheet: to, x, y, turned: change.turned ?? at.turned, locked: change.locked });
}
</script>

<template>
    <section v-if="found && part" class="bears">
        <h4>Where {{ part.label }} lies</h4>
        <p class="soft">
            {{ show(found.at.x_mm, project.unit) }} from the left end, {{ show(found.at.y_mm, project.unit) }} from the upper edge.
            {{ found.locked ? 'Locked: the plan is made around it.' : 'Drag it on the sheet to put it elsewhere.' }}
        </p>
        <div class="acts">
            <Button v-if="!found.locked" label="Lock it here" size="small" severity="secondary" @click="put({ locked: true })" />
            <Button v-else label="Unlock" size="small" severity="secondary" @click="put({ locked: false })" />
            <Button
                v-if="part.grain === 'free'"
                label="Turn and lock"
                size="small"
                severity="secondary"
                @click="put({ turned: !found.at.turned, locked: true })"
            />
            <Select
                v-if="sheets.length > 1"
                :model-value="found.n"
                :options="sheets"
                option-label="label"
                option-value="value"
                size="small"
                aria-label="lies on sheet"
                @update:model-value="(to: number) => put({ sheet: to, locked: true })"
            />
        </div>
    </section>
</template>

<style scoped>
.acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
}
p {
    font-size: 13px;
    margin: 2px 0 8px;
}
</style>
