import { computed, type ComputedRef, onBeforeUnmount, type Ref, ref } from 'vue';
import { api, type LayoutSearch } from '../../api/client';
import type { MaterialPlan } from '../../api/plan';
import { useProject } from '../../project/store';

type Layouts = NonNullable<LayoutSearch['layouts']>;

/** How full each sheet is, squared and summed: grows when parts leave a half-empty sheet for a fuller one. */
function concentration(sheets: readonly (readonly { area: number }[])[], sheetArea: number): number {
    return sheets.reduce((sum, sheet) => sum + (sheet.reduce((s, p) => s + p.area, 0) / sheetArea) ** 2, 0);
}

/** Begins, watches and calls off a search for a better layout; says whether what it found is worth taking. */
export function useLayoutSearch(): {
    search: Ref<LayoutSearch | null>;
    running: ComputedRef<boolean>;
    better: ComputedRef<string[]>;
    begin: () => Promise<void>;
    callOff: () => Promise<void>;
    accept: () => Promise<void>;
} {
    const project = useProject();
    const search = ref<LayoutSearch | null>(null);
    const running = computed(() => search.value?.status === 'waiting' || search.value?.status === 'running');
    let timer: ReturnType<typeof setTimeout> | undefined;

    /** Materials whose layout found has fewer sheets, or the same number with more of the slack in one place. */
    const better = computed<string[]>(() => {
        const layouts = search.value?.layouts;
        if (!layouts || search.value?.revision !== project.revision) return [];
        return (project.plan?.cut ?? []).filter((m) => isBetter(m, layouts)).map((m) => m.material);
    });

    function isBetter(material: MaterialPlan, layouts: Layouts): boolean {
        const found = layouts[material.material]?.sheets;
        if (!found || found.length > material.sheets.length) return false;
        const areas = new Map(material.sheets.flatMap((s) => s.placements.map((p) => [p.part, p.length_mm * p.width_mm] as const)));
        const sheetArea = material.length * material.width;
        const before = concentration(material.sheets.map((s) => s.placements.map((p) => ({ area: p.length_mm * p.width_mm }))), sheetArea); // prettier-ignore
        const after = concentration(found.map((s) => s.map((p) => ({ area: areas.get(p.part) ?? 0 }))), sheetArea); // prettier-ignore
        return found.length < material.sheets.length || after > before + 1e-6;
    }

    async function watchOver(): Promise<void> {
        if (!search.value || !running.value) return;
        search.value = await api.searched(project.line!.id, search.value.id);
        timer = setTimeout(() => void watchOver(), 300);
    }

    async function begin(): Promise<void> {
        search.value = await api.search(project.line!.id);
        await watchOver();
    }

    async function callOff(): Promise<void> {
        if (search.value) search.value = await api.callOff(project.line!.id, search.value.id);
    }

    async function accept(): Promise<void> {
        const layouts = search.value!.layouts!;
        await project.change(...better.value.map((m) => ({ op: 'set' as const, path: ['layouts', m], value: layouts[m] })));
        search.value = null;
    }

    onBeforeUnmount(() => clearTimeout(timer));
    return { search, running, better, begin, callOff, accept };
}
