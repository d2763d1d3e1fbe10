import type { Figure, FittedEdge, Part, Plan, Walked } from '../api/plan';
import type { Text } from '../measure/words';

/** What a picked reference stands for. */
export type Picked =
    | { kind: 'reading'; reading: Walked }
    | { kind: 'figure'; name: Text; figure: Figure }
    | { kind: 'edge'; key: string; edge: FittedEdge }
    | { kind: 'part'; part: Part };

const text = (key: string): Text => ({ key, args: {} });

/** Finds what a stroke of a drawing refers to: a reading, a figure of the piece, an edge, or a part. */
export function pickedOf(plan: Plan, ref: string): Picked | null {
    for (const site of Object.values(plan.site)) {
        const reading = site.walk.find((r) => r.id === ref);
        if (reading) return { kind: 'reading', reading };
    }
    const part = plan.parts.find((p) => p.id === ref);
    return part ? { kind: 'part', part } : pickedFigure(plan, ref);
}

function pickedFigure(plan: Plan, ref: string): Picked | null {
    const [owner = '', what = '', index = ''] = ref.split('/');
    for (const [id, piece] of Object.entries(plan.pieces)) {
        const edge = piece.edges[id === owner ? what : ref];
        if (edge) return { kind: 'edge', key: id === owner ? what : ref, edge };
        const figures: Record<string, [Text, Figure] | undefined> = {
            clear: [text('fit.plumb_clear'), piece.clear],
            carcass_width: [text('fit.carcass_width'), piece.width],
            carcass_height: [text('fit.carcass_height'), piece.height],
            depth: [text('piece.depth_chosen'), piece.depth],
            budget: [text('fit.needed'), piece.budget],
            tilt_up: [text('draw.tilt_up'), piece.tilt_up],
        };
        const cell = what === '' ? piece.cells[owner] : undefined;
        if (cell)
            return { kind: 'figure', name: { key: 'draw.bay', args: { label: { type: 'name', name: cell.label } } }, figure: cell.width };
        const own = id === owner ? figures[what] : undefined;
        if (own) return { kind: 'figure', name: own[0], figure: own[1] };
        const opening = what === 'opening' ? piece.openings[owner] : undefined;
        if (opening) return { kind: 'figure', name: text('piece.clear_opening'), figure: opening };
        const spacing = what === 'spacing' ? piece.spacings[owner]?.openings[Number(index)] : undefined;
        if (spacing) return { kind: 'figure', name: text('draw.shelf_opening'), figure: spacing };
    }
    return null;
}
