import { expect, test } from 'vitest';
import type { Step } from '../../api/plan';
import { hours, moveStep, neighbourMove, pictureOf } from './steps';

const step = (id: string, scene: Step['scene'], parts: string[], places: string[] = []): Step =>
    ({ id, scene, parts, places, piece: 'p' }) as unknown as Step;
const steps = [
    step('band', 'bench', ['a', 'b']),
    step('a1', 'shop', ['a'], ['a']),
    step('a2', 'shop', ['a', 'b'], ['b']),
    step('stand', 'room', ['a', 'b']),
    step('trim', 'room', ['t'], ['t']),
];

test('in the shop a picture shows what is together so far and lights what comes to it', () => {
    expect(pictureOf(steps, 2)).toEqual({ there: new Set(['a', 'b']), lit: new Set(['b']) });
    expect(pictureOf(steps, 0)).toEqual({ there: new Set(['a', 'b']), lit: new Set() });
});

test('in the room it shows what stands already', () => {
    expect(pictureOf(steps, 4)).toEqual({ there: new Set(['a', 'b', 't']), lit: new Set(['t']) });
});

test('what is only held there for a while is shown then, and not as if it stood', () => {
    const scribed = [steps[3]!, step('scribe', 'held', ['f']), step('top', 'room', ['t'], ['t']), step('filler', 'room', ['f'], ['f'])];
    expect(pictureOf(scribed, 1)).toEqual({ there: new Set(['a', 'b', 'f']), lit: new Set(['f']) });
    expect(pictureOf(scribed, 2)).toEqual({ there: new Set(['a', 'b', 't']), lit: new Set(['t']) });
    expect(pictureOf(scribed, 3)).toEqual({ there: new Set(['a', 'b', 't', 'f']), lit: new Set(['f']) });
});

test('a step is moved by the one it comes after', () => {
    expect(neighbourMove(steps, 0, -1)).toBeNull();
    expect(neighbourMove(steps, 1, -1)).toBe('');
    expect(neighbourMove(steps, 2, -1)).toBe('band');
    expect(neighbourMove(steps, 2, 1)).toBe('stand');
    expect(neighbourMove(steps, 4, 1)).toBeNull();
    expect(moveStep('x', 'y')).toEqual({ op: 'set', path: ['make', 'order', 'x'], value: 'y' });
});

test('minutes are said in hours', () => {
    expect([45, 60, 150].map(hours)).toEqual(['45 min', '1 h', '2 h 30']);
});
