import type { Frame } from './frame';

/** The only place that spells SVG paths. */

const n = (value: number): string => String(Math.round(value * 10) / 10);

export function trace(points: readonly (readonly number[])[], frame: Frame): string {
    return points.map(([u, v], i) => `${i === 0 ? 'M' : 'L'}${n(frame.x(u!))} ${n(frame.y(v!))}`).join('');
}

export function outline(points: readonly (readonly number[])[], frame: Frame): string {
    return `${trace(points, frame)}Z`;
}

export function line(x1: number, y1: number, x2: number, y2: number): string {
    return `M${n(x1)} ${n(y1)}L${n(x2)} ${n(y2)}`;
}

/** A drawing-office oblique tick at a dimension's end. */
export function tick(x: number, y: number): string {
    return line(x - 3.2, y + 3.2, x + 3.2, y - 3.2);
}

/** A closed ribbon from a straight base line out to the values at each station. */
export function ribbon(base: number, stations: readonly { y: number; reach: number }[]): string {
    const out = stations.map((s) => `L${n(base + s.reach)} ${n(s.y)}`).join('');
    const [first, last] = [stations[0]!, stations[stations.length - 1]!];
    return `M${n(base)} ${n(first.y)}${out}L${n(base)} ${n(last.y)}Z`;
}
