import type { SpaceKind } from '../../api/client';
import type { Reading, Space } from '../../api/document';
import type { Site } from '../../api/plan';
import { lowestStation } from '../../project/readings';

type Field = 'z' | 'from_z' | 'x' | 'y' | 'run' | 'along_back' | 'along_side';

interface Ask {
    readonly field: Field;
    readonly label: string;
    readonly mm: string;
    readonly inches: string;
}

/** A kind of reading a person may add: what is fixed of it, and which places are asked. */
export interface Form {
    readonly key: string;
    readonly label: string;
    readonly fixed: Partial<Reading> & Pick<Reading, 'kind'>;
    readonly asks: readonly Ask[];
}

const ask = (field: Field, label: string, mm: string, inches: string): Ask => ({ field, label, mm, inches });
const height = ask('z', 'at height', '1700', '66');
const from = ask('from_z', 'from height', '100', '4');
const upTo = ask('z', 'up to', '1700', '66');
const x = ask('x', 'from the left', '500', '20');
const y = ask('y', 'from the back', '300', '12');

const form = (key: string, label: string, fixed: Form['fixed'], ...asks: Ask[]): Form => ({ key, label, fixed, asks });

/** What can be read in a space: by the surfaces it has. */
export function formsFor(kind: SpaceKind, site: Pick<Site, 'left' | 'right'>): Form[] {
    const sides = (['left', 'right'] as const).filter((s) => site[s] !== 'open');
    const perSide = (make: (side: 'left' | 'right') => Form[]): Form[] => sides.flatMap(make);
    const sloped = kind === 'under_stair' || kind === 'under_slope';
    return [
        form('width', 'Width', { kind: 'width' }, height),
        form('width_back', 'Width at the back', { kind: 'width', plane: 'back' }, height),
        form('height', 'Height, at a place', { kind: 'height' }, x),
        form('height_xy', 'Height, further in', { kind: 'height' }, x, y),
        form('depth', 'Depth, at a place', { kind: 'depth' }, x, height),
        ...perSide((side) => [
            form(`plumb_${side}`, `Plumb, ${side} wall`, { kind: 'plumb', side }, upTo),
            form(`plumb_${side}_back`, `Plumb, ${side} wall at the back`, { kind: 'plumb', side, plane: 'back' }, from, upTo),
        ]),
        form('plumb_back', 'Plumb, back wall', { kind: 'plumb', face: 'back' }, x, from, upTo),
        form('level', 'Floor level, along the run', { kind: 'level' }),
        form('level_back', 'Floor level, at the back', { kind: 'level', plane: 'back' }),
        form('level_depth', 'Floor level, along the depth', { kind: 'level', along: 'depth', side: 'left' }),
        form('level_ceiling', 'Ceiling level, along the run', { kind: 'level', face: 'ceiling' }),
        ...perSide((side) => [
            form(`gap_${side}`, `Straightedge upright, ${side} wall`, { kind: 'gap', face: side, edge: `${side} front` }, height),
            form(`corner_${side}`, `Corner angle, ${side}`, { kind: 'corner_angle', side }),
            form(`square_${side}`, `3-4-5, ${side} corner`, { kind: 'three_four_five', side },
                ask('along_back', 'along the back', '800', '36'), ask('along_side', 'along the side', '600', '27')), // prettier-ignore
        ]),
        form('gap_back', 'Straightedge along the back', { kind: 'gap', face: 'back', along: 'run', edge: 'back' }, x, height),
        form('gap_back_up', 'Straightedge upright, back wall', { kind: 'gap', face: 'back', edge: 'back up' }, x, height),
        form('gap_floor', 'Straightedge on the floor', { kind: 'gap', face: 'floor', along: 'run', edge: 'floor' }, x),
        form('diagonal_right', 'Diagonal, rising right', { kind: 'diagonal', rise: 'rising_right' }),
        form('diagonal_left', 'Diagonal, rising left', { kind: 'diagonal', rise: 'rising_left' }),
        form('floor_diagonal_left', 'Floor diagonal from the left back', { kind: 'diagonal', face: 'floor', side: 'left' }),
        form('floor_diagonal_right', 'Floor diagonal from the right back', { kind: 'diagonal', face: 'floor', side: 'right' }),
        ...(sloped
            ? [
                  form('knee', 'Height at the low end', { kind: 'knee' }),
                  form('slope_angle', 'Angle of the slope', { kind: 'slope_angle' }),
                  form('slope_rise', 'Rise of the slope over a run', { kind: 'slope_rise' }, ask('run', 'level run', '600', '24')),
                  form('slope_start', 'Where slope and ceiling meet', { kind: 'slope_start' }),
                  form('height_flat', 'Height of the level ceiling', { kind: 'height', face: 'ceiling' }, x),
              ]
            : []),
        ...(kind === 'under_stair'
            ? Array.from({ length: 8 }, (_, i) => i + 1).flatMap((step) => [
                  form(`step_at_${step}`, `Step ${step}: where it begins`, { kind: 'step_at', step }),
                  form(`step_height_${step}`, `Step ${step}: its underside`, { kind: 'step_height', step }),
              ])
            : []),
        ...(kind === 'closet' || kind === 'in_cupboard'
            ? [
                  form('mouth_width', 'Width of the opening', { kind: 'mouth_width' }, height),
                  form('mouth_height_left', 'Height of the opening, left', { kind: 'mouth_height', side: 'left' }),
                  form('mouth_height_right', 'Height of the opening, right', { kind: 'mouth_height', side: 'right' }),
                  form('return_left', 'Return at the left, at a height', { kind: 'return', side: 'left' }, height),
                  form('return_right', 'Return at the right, at a height', { kind: 'return', side: 'right' }, height),
              ]
            : []),
        ...(kind === 'fireside'
            ? [
                  form('flank_left', 'Left flank', { kind: 'flank', side: 'left' }, height),
                  form('flank_right', 'Right flank', { kind: 'flank', side: 'right' }, height),
                  form('breast_width', 'Width of the breast', { kind: 'breast_width' }, height),
              ]
            : []),
    ];
}

/** The reading as the document holds it. A plumb of a side begins where the sides' lowest reading is. */
export function placed(chosen: Form, at: Readonly<Record<string, number | null>>, space: Space): Reading {
    const reading: Reading = { ...chosen.fixed };
    for (const a of chosen.asks) reading[a.field] = at[a.field] ?? 0;
    if (reading.kind === 'plumb' && reading.from_z === undefined) reading.from_z = lowestStation(space);
    // What is read behind one straightedge belongs together; laid at another height it is another one.
    if (reading.kind === 'gap' && reading.along === 'run' && reading.z !== undefined) reading.edge = `${reading.edge} ${reading.z}`;
    return reading;
}
