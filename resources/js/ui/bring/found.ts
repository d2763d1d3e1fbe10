import { type Ref, ref, watch } from 'vue';
import { useTelling } from '../telling';

/** A list pasted or chosen: read by the server, and again with the columns the person says; what was found goes when the text changes. */
export function useFound<T>(ask: (text: string, columns: Readonly<Record<string, number>>) => Promise<T>): {
    text: Ref<string>;
    found: Ref<T | null>;
    trouble: Ref<string[]>;
    tell: (work: () => Promise<void>) => Promise<boolean>;
    read: () => Promise<boolean>;
    column: (key: string, at: number) => void;
} {
    const text = ref('');
    const said = ref<Record<string, number>>({});
    const found = ref(null) as Ref<T | null>;
    const { trouble, tell } = useTelling();
    const read = (): Promise<boolean> =>
        tell(async () => {
            found.value = null;
            found.value = await ask(text.value, said.value);
        });
    watch(text, () => {
        found.value = null;
        said.value = {};
    });
    function column(key: string, at: number): void {
        said.value = { ...said.value, [key]: at };
        void read();
    }
    return { text, found, trouble, tell, read, column };
}
