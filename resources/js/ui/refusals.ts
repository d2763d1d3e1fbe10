import { useToast } from 'primevue/usetoast';
import { Refused } from '../api/client';
import { say } from '../measure/say';

/** Says what went wrong where a field is not there to say it. A conflict has its own dialog. */
export function useRefusals(): (work: Promise<unknown>) => Promise<boolean> {
    const toast = useToast();
    return async (work) => {
        try {
            await work;
            return true;
        } catch (error) {
            if (!(error instanceof Refused && error.status === 409)) {
                toast.add({
                    severity: 'error',
                    summary: say('Not saved'),
                    detail: error instanceof Error ? error.message : String(error),
                    life: 9000,
                });
            }
            return false;
        }
    };
}
