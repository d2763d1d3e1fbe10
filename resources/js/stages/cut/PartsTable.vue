<script setup lang="ts">
import Column from 'primevue/column';
import DataTable, { type DataTableRowClickEvent } from 'primevue/datatable';
import { computed } from 'vue';
import type { Figure, Part } from '../../api/plan';
import { show } from '../../measure/show';
import { render } from '../../measure/words';
import { useProject } from '../../project/store';
import { usePicked } from '../../ui/picked';
import { say } from '../../measure/say';
import { called } from '../../measure/called';

const project = useProject();
const picked = usePicked();

const figure = (f: Figure): string => `${f.exact ? '' : '≈ '}${show(f.mm, project.unit)}`;
/** Pieces not to be cut until somebody has decided. */
const waits = computed(
    () =>
        new Set(
            Object.entries(project.plan?.pieces ?? {})
                .filter(([, p]) => p.held.some((h) => h.before === 'cut'))
                .map(([id]) => id),
        ),
);
const rows = computed(() =>
    (project.plan?.parts ?? []).map((p: Part) => ({
        id: p.id,
        label: p.label,
        name: render(p.name, project.unit),
        material: p.material_name,
        finished: `${figure(p.finished.length)} × ${figure(p.finished.width)}`,
        cut: `${figure(p.cut.length)} × ${figure(p.cut.width)}`,
        grain: p.bought ? say('bought') : p.grain === 'length' ? say('along length') : say('free'),
        banded: p.banded.map(called).join(', ') || '–',
        site: waits.value.has(p.piece) ? say('waits: do not cut') : p.fit_on_site ? say('blank, fit on site') : '',
    })),
);
const click = (e: DataTableRowClickEvent): void => void (picked.value = (e.data as { id: string }).id);
const rowClass = (row: { id: string }): string => (row.id === picked.value ? 'picked-row' : '');
</script>

<template>
    <div class="parts">
        <DataTable
            :value="rows"
            data-key="id"
            scrollable
            scroll-height="flex"
            size="small"
            :row-class="rowClass"
            row-hover
            @row-click="click"
        >
            <Column field="label" header="Mark" sortable />
            <Column field="name" header="Part" sortable />
            <Column field="finished" header="Finished" />
            <Column field="cut" header="Cut" />
            <Column field="material" header="Material" sortable />
            <Column field="grain" header="Grain" />
            <Column field="banded" header="Banded" />
            <Column field="site" header="" />
        </DataTable>
    </div>
</template>

<style scoped>
.parts {
    flex: 1 1 40%;
    min-height: 160px;
    padding: 8px 16px 10px;
    overflow: hidden;
}
.parts :deep(tr) {
    cursor: pointer;
}
.parts :deep(.picked-row) {
    background: var(--chalk-wash);
}
.parts :deep(td) {
    white-space: nowrap;
}
</style>
