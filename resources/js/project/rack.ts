import { ref, type Ref } from 'vue';
import { api, type RackPiece } from '../api/client';
import type { Part } from '../api/plan';
import { say } from '../measure/say';
import { useProject } from './store';
import { ulid } from './ulid';

/** The household’s leftovers, as this project sees them: what serves for its materials, what it draws on, what it gives back. */
export function useRack(): {
    pieces: Ref<RackPiece[]>;
    look: () => Promise<void>;
    serves: (p: RackPiece) => string | undefined;
    use: (p: RackPiece) => Promise<void>;
    giveBack: (p: RackPiece) => Promise<void>;
} {
    const project = useProject();
    const pieces = ref<RackPiece[]>([]);
    async function look(): Promise<void> {
        pieces.value = (await api.rack(project.line!.id)).pieces;
    }
    /** The material it serves for: within half a millimetre as thick, and with grain where that has grain. */
    const serves = (p: RackPiece): string | undefined =>
        Object.entries(project.document!.stock).find(([, m]) => Math.abs(m.thickness - p.thickness) <= 0.5 && (p.grain || !m.grain))?.[0];
    const used = (p: RackPiece): [string, string] | undefined => {
        for (const [id, m] of Object.entries(project.document!.stock)) {
            const at = Object.entries(m.sizes ?? {}).find(([, s]) => s.rack === p.label)?.[0];
            if (at) return [id, at];
        }
        return undefined;
    };
    async function use(p: RackPiece): Promise<void> {
        const id = serves(p)!;
        await api.takeFromRack(project.line!.id, p.id, true);
        const size = {
            name: say('{0} of the rack', p.label),
            length: p.length,
            width: p.width,
            in_hand: true,
            limit: 1,
            rack: p.label,
            order: p.label,
        };
        await project.set(['stock', id, 'sizes'], { ...project.document!.stock[id]!.sizes, [ulid()]: size });
        await look();
    }
    async function giveBack(p: RackPiece): Promise<void> {
        const at = used(p);
        if (at) await project.change({ op: 'remove', path: ['stock', at[0], 'sizes', at[1]] });
        await api.takeFromRack(project.line!.id, p.id, false);
        await look();
    }
    return { pieces, look, serves, use, giveBack };
}

type Cuttable = Pick<Part, 'id' | 'material' | 'grain' | 'cut'>;

/** For each part the smallest free piece that is as large, each piece once: the largest parts choose first. Whether it is used the plan decides. */
export function offered<P extends Cuttable>(
    parts: readonly P[],
    rack: readonly RackPiece[],
    serves: (p: RackPiece) => string | undefined,
): { part: P; piece: RackPiece }[] {
    const free = rack.filter((p) => !p.taken && !p.own).sort((a, b) => a.length * a.width - b.length * b.width);
    const holds = (p: RackPiece, { length, width }: Part['cut'], grain: boolean): boolean =>
        (p.length >= length.mm && p.width >= width.mm) || (!grain && p.length >= width.mm && p.width >= length.mm);
    return [...parts]
        .sort((a, b) => b.cut.length.mm * b.cut.width.mm - a.cut.length.mm * a.cut.width.mm)
        .flatMap((part) => {
            const at = free.findIndex((p) => serves(p) === part.material && holds(p, part.cut, part.grain === 'length'));
            return at < 0 ? [] : [{ part, piece: free.splice(at, 1)[0]! }];
        });
}
