import type { CarriedLeg, CarriedPlace } from '../../api/client';

type Point = readonly [number, number];

/** What is drawn of one stretch: walls that bound it, what stands in it, and the box at a share of its way. */
export interface Scene {
    readonly bounds: readonly [number, number, number, number];
    readonly solid: readonly (readonly Point[])[];
    readonly base: readonly Point[] | null;
    readonly box: (share: number) => Point[];
}

const mix = (a: number, b: number, t: number): number => a + (b - a) * t;

/** Where along a path of unequal steps a share of the whole lies: the step, and how far into it. */
export function stepAt(lengths: readonly number[], share: number): [number, number] {
    const total = lengths.reduce((sum, l) => sum + l, 0);
    let left = Math.max(0, Math.min(1, share)) * total;
    for (const [i, length] of lengths.entries()) {
        if (left <= length || i === lengths.length - 1) return [i, length > 0 ? Math.min(1, left / length) : 1];
        left -= length;
    }
    return [0, 0];
}

/** A stretch from above. Its long side at `deg` to the second passage, pointing down to the right. */
export function legScene(leg: CarriedLeg): Scene {
    const [width, into] = leg.walls;
    const [length, across] = leg.box;
    const far = length * 1.25 + width;
    const thick = 120;
    const solid: Point[][] =
        into === null
            ? [
                  [[-thick, -far], [0, -far], [0, far], [-thick, far]],
                  [[width, -far], [width + thick, -far], [width + thick, far], [width, far]],
              ]
            : [
                  [[-thick, -thick], [far, -thick], [far, 0], [0, 0], [0, far], [-thick, far]],
                  [[width, into], [far, into], [far, far], [width, far]],
              ]; // prettier-ignore
    const path = leg.path;
    const lengths = path
        .slice(1)
        .map((p, i) => Math.hypot(p.x - path[i]!.x, p.y - path[i]!.y) + (Math.abs(p.deg - path[i]!.deg) * Math.PI * length) / 360);
    return {
        bounds: into === null ? [-thick, -far, width + thick, far] : [-thick, -thick, far, far],
        solid,
        base: null,
        box: (share) => {
            if (path.length < 2) return [];
            const [i, t] = stepAt(lengths, share);
            const [a, b] = [path[i]!, path[i + 1]!];
            const [x, y, deg] = [mix(a.x, b.x, t), mix(a.y, b.y, t), (mix(a.deg, b.deg, t) * Math.PI) / 180];
            const [u, v] = [[Math.cos(deg) * length * 0.5, -Math.sin(deg) * length * 0.5], [Math.sin(deg) * across * 0.5, Math.cos(deg) * across * 0.5]] as const; // prettier-ignore
            return [[x - u[0] - v[0], y - u[1] - v[1]], [x + u[0] - v[0], y + u[1] - v[1]], [x + u[0] + v[0], y + u[1] + v[1]], [x - u[0] + v[0], y - u[1] + v[1]]]; // prettier-ignore
        },
    };
}

/** A line by rising place, cut off there. */
export function upTo(line: readonly Point[], far: number): Point[] {
    const kept: Point[] = [];
    for (const [i, p] of line.entries()) {
        const before = line[i - 1];
        if (p[0] <= far) kept.push(p);
        else if (before) return [...kept, [far, mix(before[1], p[1], (far - before[0]) / (p[0] - before[0]))]];
    }
    return kept;
}

/** The section at its place: the wall at the left. */
export function placeScene(place: CarriedPlace): Scene {
    const size = Math.max(...place.shape.map(([, h]) => h), ...place.shape.map(([d]) => d));
    const path = place.path;
    const reach = Math.max(...place.overhead.map(([y]) => y));
    const far = Math.min(reach, Math.max(size * 1.7, ...path.map((p) => p.y + size + 100)));
    const top = Math.max(place.highest, size) + 150;
    const over = upTo(place.overhead, far);
    const solid: Point[][] = [
        [[-150, -120], [far, -120], [far, 0], [place.wall, 0], [place.wall, top], [-150, top]],
        [...over, [far, top], [place.wall, top]],
        ...place.blocks.map(([y, z, y2, z2]): Point[] => [[y, z], [y2, z], [y2, Math.min(z2, top)], [y, Math.min(z2, top)]]),
    ]; // prettier-ignore
    const lengths = path
        .slice(1)
        .map(
            (p, i) =>
                Math.abs(p.y - path[i]!.y) + Math.abs(p.lift - path[i]!.lift) + (Math.abs(p.deg - path[i]!.deg) * Math.PI * size) / 360,
        );
    return {
        bounds: [-150, -120, far, top],
        solid,
        base: place.base ? [[place.wall, 0], [place.base[0], 0], [place.base[0], place.base[1]], [place.wall, place.base[1]]] : null, // prettier-ignore
        box: (share) => {
            if (path.length < 2) return [];
            const [i, t] = stepAt(lengths, share);
            const [a, b] = [path[i]!, path[i + 1]!];
            return tilted(place.shape, mix(a.y, b.y, t), mix(a.deg, b.deg, t), mix(a.lift, b.lift, t));
        },
    };
}

/** A shape leaning so, its lowest corner lifted so. */
export function tilted(shape: readonly Point[], y: number, deg: number, lift: number): Point[] {
    const [sin, cos] = [Math.sin((deg * Math.PI) / 180), Math.cos((deg * Math.PI) / 180)];
    const turned = shape.map(([d, h]): Point => [y + d * cos + h * sin, h * cos - d * sin]);
    const low = Math.min(...turned.map(([, z]) => z));
    return turned.map(([u, z]): Point => [u, z - low + lift]);
}
