import type { Unit } from '../measure/read';

/**
 * How far a drag of so many pixels moves a thing's fields, in mm, to the grid a person would measure to.
 * `moves` names the fields that going right and going up changes; a minus before one says that it shrinks.
 */
export function dragged(
    moves: readonly string[],
    pixels: { x: number; y: number },
    scale: number,
    unit: Unit,
    grid = unit === 'in' ? 6.35 : 5,
): Record<string, number> | null {
    const by: Record<string, number> = {};
    const along: [string, number][] = [
        [moves[0] ?? '', pixels.x / scale],
        [moves[1] ?? '', -pixels.y / scale],
    ];
    for (const [field, mm] of along) {
        const steps = Math.round(mm / grid) * grid;
        if (field !== '' && steps !== 0) by[field.replace('-', '')] = field.startsWith('-') ? -steps : steps;
    }
    return Object.keys(by).length > 0 ? by : null;
}
