import { computed, type ComputedRef, onBeforeUnmount, type Ref, ref } from 'vue';
import { api, type LayoutSearch } from '../../api/client';
import { useProject } from '../../project/store';

/** Begins, watches and calls off a search for a better layout; says whether what it found is worth taking. */
export function useLayoutSearch(): {
    search: Ref<LayoutSearch | null>;
    running: ComputedRef<boolean>;
    better: ComputedRef<readonly string[]>;
    begin: () => Promise<void>;
    callOff: () => Promise<void>;
    accept: () => Promise<void>;
} {
    const project = useProject();
    const search = ref<LayoutSearch | null>(null);
    const running = computed(() => search.value?.status === 'waiting' || search.value?.status === 'running');
    let timer: ReturnType<typeof setTimeout> | undefined;

    /** Materials whose layout found beats the plan's, as long as the plan is the one that was looked at. */
    const better = computed<readonly string[]>(() => (search.value?.revision === project.revision ? search.value.better : []));

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
