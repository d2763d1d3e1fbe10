import { type Ref, ref } from 'vue';
import { Refused } from '../api/client';
import { say } from '../measure/say';

/** Does something and keeps what was refused as sentences, each with its place. */
export function useTelling(): { trouble: Ref<string[]>; tell: (work: () => Promise<void>) => Promise<boolean> } {
    const trouble = ref<string[]>([]);
    async function tell(work: () => Promise<void>): Promise<boolean> {
        trouble.value = [];
        try {
            await work();
            return true;
        } catch (error) {
            const problems = error instanceof Refused ? (error.body.problems ?? []) : [];
            trouble.value =
                problems.length > 0
                    ? problems.map((p) => `${p.message}${p.pointer ? say(' (at {0})', p.pointer) : ''}`)
                    : [error instanceof Error ? error.message : String(error)];
            return false;
        }
    }
    return { trouble, tell };
}
