import type { Cell, Snap } from '../api/plan';
import type { Unit } from '../measure/read';

export interface Divided {
    readonly width: number;
    readonly snap: Snap | null;
}

const NEAR_PX = 9;

/**
 * The width a bay gets when the divider at its right is dragged: within what the plan allows, at one of the plan's named
 * places where one is near, else on the grid a person would measure to.
 */
export function divided(cell: Cell, mm: number, scale: number, unit: Unit): Divided | null {
    if (!cell.drag) return null;
    const wanted = cell.width.mm + mm;
    const near = [...cell.drag.snaps]
        .map((snap) => ({ snap, off: Math.abs(snap.width - wanted) }))
        .filter(({ off }) => off * scale <= NEAR_PX)
        .sort((a, b) => a.off - b.off)[0];
    if (near) return { width: near.snap.width, snap: near.snap };
    const grid = unit === 'in' ? 6.35 : 5;
    const width = Math.min(cell.drag.most, Math.max(cell.drag.least, Math.round(wanted / grid) * grid));
    return { width: Math.round(width * 1e6) / 1e6, snap: null };
}
