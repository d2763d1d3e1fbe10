import { useToast } from 'primevue/usetoast';
import { api, Refused } from '../../api/client';
import type { Placement } from '../../api/plan';
import { useProject } from '../../project/store';
import { say } from '../../measure/say';

export type Where = { sheet: number; x: number; y: number; turned: boolean; locked: boolean };

/** Puts a part somewhere by hand: the layout that comes of it is kept as any other change; a refusal is said with its reason. */
export function usePlace(): (material: string, part: Pick<Placement, 'item'>, where: Where) => Promise<boolean> {
    const project = useProject();
    const toast = useToast();
    return async (material, part, where) => {
        try {
            const { layout } = await api.place(project.line!.id, { material, part: part.item, ...where });
            await project.set(['layouts', material], layout);
            return true;
        } catch (error) {
            toast.add({
                severity: 'warn',
                summary: say('It stays where it was'),
                detail: error instanceof Error ? error.message : String(error),
                life: 7000,
            });
            if (!(error instanceof Refused)) throw error;
            return false;
        }
    };
}
