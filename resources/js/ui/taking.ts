import { defineStore } from 'pinia';
import { ref } from 'vue';
import { askFile } from '../api/client';

/** A file on its way here. */
export interface Taking {
    readonly id: number;
    readonly path: string;
    readonly name: string;
    /** Bytes that are here; of how many, where the server says so. */
    readonly got: number;
    readonly of: number | null;
    /** Why it did not come. */
    readonly trouble: string;
}

/** Files to take away are fetched by the page: it shows that they are on their way, and says why one does not come. */
export const useTaking = defineStore('taking', () => {
    const files = ref<Taking[]>([]);
    let next = 1;

    const change = (id: number, to: Partial<Taking>): void => {
        files.value = files.value.map((f) => (f.id === id ? { ...f, ...to } : f));
    };
    const leave = (id: number): void => {
        files.value = files.value.filter((f) => f.id !== id);
    };

    async function take(path: string, name: string): Promise<void> {
        // The same asked for again takes the place of what it was told.
        files.value = files.value.filter((f) => f.path !== path || !f.trouble);
        if (files.value.some((f) => f.path === path)) return;
        const id = next++;
        files.value = [...files.value, { id, path, name, got: 0, of: null, trouble: '' }];
        try {
            const file = await askFile(path, (got, of) => change(id, { got, of }));
            hand(file.name, file.blob);
            leave(id);
        } catch (error) {
            change(id, { trouble: error instanceof Error ? error.message : String(error) });
        }
    }

    return { files, take, leave };
});

/** To wherever this browser puts what is downloaded. */
function hand(name: string, blob: Blob): void {
    const href = URL.createObjectURL(blob);
    Object.assign(document.createElement('a'), { href, download: name }).click();
    // The browser may still be reading it.
    setTimeout(() => URL.revokeObjectURL(href), 60000);
}
