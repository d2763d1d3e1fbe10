import { expect, test } from 'vitest';
import type { Plan, StickPlan, Step } from '../../api/plan';
import type { Facts } from './atWork';
import { alikeOn, atStick, crosscut, cutAmiss, lastCut, sticksOf } from './sticks';

const piece = (part: string, at: number, length: number) => ({ part, label: part.toUpperCase(), at, length });
const stick = {
    name: '3.6 m',
    length: 3600,
    from: 10,
    pieces: [piece('a', 10, 900), piece('b', 912.4, 900.000025), piece('c', 1814.8, 400)],
} as unknown as StickPlan;
const facts = (...cuts: [string, string, number][]): Facts =>
    new Map(cuts.map(([id, part, length]) => [id, { kind: 'crosscut', part, length, width: 25 }])) as unknown as Facts;

test('a stick is cut from its squared end, a part at a time', () => {
    expect(atStick(stick, facts(), 1)).toEqual({ made: new Map(), next: stick.pieces[0], wrong: null });
    const state = atStick(stick, facts(['f1', 'a', 900], ['f2', 'b', 900.6]), 1);
    expect([[...state.made.keys()], state.next?.part]).toEqual([['a', 'b'], 'c']);
    expect(lastCut(stick, state)).toEqual({ op: 'strike', path: ['facts', 'f2'] });
    expect(lastCut(stick, atStick(stick, facts(), 1))).toBeNull();
});

test('cuts at one stop are counted together', () => {
    expect([alikeOn(stick, stick.pieces[0]!), alikeOn(stick, stick.pieces[1]!), alikeOn(stick, stick.pieces[2]!)]).toEqual([2, 1, 1]);
});

test('a part that is too short or too long by more than the tolerance is to be cut again, and the last cut counts', () => {
    const short = atStick(stick, facts(['f1', 'a', 898.5]), 1);
    expect([short.next?.part, short.wrong]).toEqual(['a', 898.5]);
    expect(atStick(stick, facts(['f2', 'a', 900], ['f1', 'a', 880]), 1).next?.part).toBe('b');
});

test('what came out wrong keeps the length it has, or was not cut where nobody measured it', () => {
    const [a] = stick.pieces;
    const [kept, why] = cutAmiss(a!, 'f1', 25, 'the stop slipped', { length: 880 }, 'now');
    expect(kept!.value).toEqual({ kind: 'crosscut', part: 'a', length: 880, width: 25, at: 'now' });
    expect(why!.value).toEqual({ kind: 'mistake', about: 'a', text: 'the stop slipped', at: 'now' });
    expect(cutAmiss(a!, 'f1', 25, '', {})).toEqual([{ op: 'strike', path: ['facts', 'f1'] }]);
    expect(crosscut(a!, 25, undefined, 'now').value).toMatchObject({ length: 900 });
});

test('a step of lumber is over with the last part of its last stick', () => {
    const plan = { lumber: [{ sticks: [stick] }, { sticks: [{ ...stick, pieces: [piece('z', 10, 50)] }] }] } as unknown as Plan;
    const step = { kind: 'cut_lumber', makes: ['a', 'b', 'c'] } as unknown as Step;
    const all = facts(['f1', 'a', 900], ['f2', 'b', 900], ['f3', 'c', 400]);
    expect(sticksOf(plan, step, all, 1)).toEqual({ isCut: true, made: ['f1', 'f2', 'f3'] });
    expect(sticksOf(plan, step, facts(['f1', 'a', 900]), 1)).toEqual({ isCut: false, made: ['f1'] });
    expect(sticksOf(plan, { ...step, kind: 'drill' } as Step, all, 1)).toEqual({ isCut: false, made: [] });
});
