import { onBeforeUnmount, onMounted, type Ref, ref } from 'vue';

export interface Size {
    readonly width: number;
    readonly height: number;
}

/** The inner size of an element, followed for as long as its component lives. */
export function useSize(element: Ref<HTMLElement | null>, first: Size): Ref<Size> {
    const size = ref(first);
    const watcher = new ResizeObserver(([entry]) => (size.value = { width: entry!.contentRect.width, height: entry!.contentRect.height }));
    onMounted(() => watcher.observe(element.value!));
    onBeforeUnmount(() => watcher.disconnect());
    return size;
}
