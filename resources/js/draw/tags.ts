import type { Stroke } from '../api/plan';
import type { Frame } from './frame';

/** How far along its tape each kind of reading carries its tag, so that tags do not meet. */
const ALONG: Record<string, number> = {
    reading_width: 0.4,
    reading_width_back: 0.4,
    reading_height: 0.36,
    reading_depth: 0.5,
    reading_diagonal: 0.74,
    reading_mouth_width: 0.68,
    reading_mouth_height: 0.3,
    reading_breast_width: 0.56,
    reading_plumb: 0.66,
    reading_level: 0.5,
};

/** Plumb tags stand outside in the wall, beside the ribbon they explain; the level's tag hangs below the floor. */
export function tagPlace(stroke: Stroke, frame: Frame): { x: number; y: number } {
    const [[u1, v1], [u2, v2]] = stroke.points as [[number, number], [number, number]];
    const along = ALONG[stroke.layer] ?? 0.5;
    const x = frame.x(u1) + along * (frame.x(u2) - frame.x(u1));
    const y = frame.y(v1) + along * (frame.y(v2) - frame.y(v1));
    if (stroke.layer === 'reading_width_back') return { x, y: y + 22 };
    if (stroke.layer === 'reading_level') return { x, y: y + 15 };
    return { x, y };
}
