import type { SpaceKind } from '../api/client';
import { render } from '../measure/words';

interface Shown {
    readonly kind: SpaceKind;
    /** Strokes in a box of 64 × 48: what is solid, and what is only a mark. */
    readonly solid: string;
    readonly mark: string;
}

const sketches: readonly Shown[] = [
    { kind: 'niche', solid: 'M4 44H14V8H50V44H60', mark: 'M14 8H50' },
    { kind: 'wall', solid: 'M4 44H60M4 6H60', mark: 'M14 10V40M50 10V40' },
    { kind: 'corner', solid: 'M10 44V8H60', mark: 'M10 26H42V8' },
    { kind: 'closet', solid: 'M22 42H8V8H56V42H42', mark: 'M22 42L38 30' },
    { kind: 'under_stair', solid: 'M4 44H60M6 6H14V13H22V20H30V27H38V34H46V41', mark: 'M6 12L40 44' },
    { kind: 'under_slope', solid: 'M60 44H8V28L44 6H60', mark: 'M8 28H24V44' },
    { kind: 'fireside', solid: 'M6 42V8H20V26H44V8H58V42', mark: 'M27 26V18H37V26' },
    { kind: 'in_cupboard', solid: 'M10 6H54V42H10ZM18 14H46V36H18Z', mark: 'M32 6V18Q32 24 37 24T42 18V14' },
    { kind: 'appliance_gap', solid: 'M4 44H60M6 44V14H24V44M40 44V14H58V44', mark: 'M26 10V40M38 10V40' },
    { kind: 'floor_area', solid: 'M8 42V8H60', mark: 'M8 36H48V8M8 22H48' },
    { kind: 'wall_hung', solid: 'M4 44H60M4 4H60', mark: 'M16 12H48V28H16Z' },
];

/** Every kind of space with its name, what it is, and its sketch. */
export const spaceKinds = sketches.map((s) => ({
    ...s,
    name: render({ key: `space.${s.kind}`, args: {} }, 'mm'),
    about: render({ key: `space.${s.kind}.about`, args: {} }, 'mm'),
}));

export const spaceKindName = (kind: SpaceKind): string => spaceKinds.find((s) => s.kind === kind)?.name ?? kind;
