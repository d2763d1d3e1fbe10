import type { Walked } from '../../api/plan';
import type { Waiting } from '../../project/waiting';

interface TakeFact {
    readonly kind?: string;
    readonly reading?: string;
    readonly value?: number;
    readonly deg?: number;
    readonly z?: number;
    readonly y?: number;
    readonly typed?: string;
    readonly at?: string;
}

/** A reading as it will stand once what waits on this device has arrived. */
export function afterWaiting(reading: Walked, waiting: readonly Waiting[]): Walked {
    let shown = reading;
    let { unreached } = reading;
    for (const { op, path, value } of waiting.flatMap((w) => w.ops)) {
        const fact = (value ?? {}) as TakeFact;
        if (op === 'append' && fact.kind === 'take' && fact.reading === reading.id) {
            const take = {
                id: path[1]!,
                value: fact.value ?? null,
                deg: fact.deg ?? null,
                z: fact.z ?? null,
                y: fact.y ?? null,
                typed: fact.typed ?? '',
                with: 'tape' as const,
                at: fact.at ?? null,
            };
            shown = {
                ...shown,
                value: take.value,
                deg: take.deg,
                typed: take.typed,
                takes: [...shown.takes.filter((t) => t.id !== take.id), take],
            };
        }
        if (op === 'append' && fact.kind === 'unreached' && fact.reading === reading.id) unreached = path[1]!;
        if (op === 'strike' && unreached === path[1]) unreached = null;
        if (op === 'strike') shown = { ...shown, takes: shown.takes.filter((t) => t.id !== path[1]) };
    }
    return { ...shown, unreached: shown.takes.length > 0 ? null : unreached };
}
