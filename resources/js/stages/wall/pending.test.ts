import { expect, it } from 'vitest';
import type { Walked } from '../../api/plan';
import type { Waiting } from '../../project/waiting';
import { afterWaiting } from './pending';

const reading = {
    id: 'R',
    kind: 'width',
    value: 1048,
    deg: null,
    unreached: null,
    typed: '1048',
    takes: [{ id: 'T1', value: 1048, typed: '1048' }],
} as unknown as Walked;
const item = (...ops: Waiting['ops']): Waiting => ({ change_id: 'C', project: 'P', ops });
const take = (id: string, value: number): Waiting['ops'][number] => ({
    op: 'append',
    path: ['facts', id],
    value: { kind: 'take', reading: 'R', value, typed: String(value) },
});

it('shows what waits over what the server has', () => {
    const shown = afterWaiting(reading, [item(take('T2', 1047), { op: 'strike', path: ['facts', 'T1'] })]);
    expect(shown.value).toBe(1047);
    expect(shown.takes.map((t) => t.id)).toEqual(['T2']);
});

it('does not show twice what has arrived meanwhile', () => {
    const arrived = { ...reading, takes: [...reading.takes, { id: 'T2', value: 1047 }] } as unknown as Walked;
    expect(afterWaiting(arrived, [item(take('T2', 1047))]).takes.map((t) => t.id)).toEqual(['T1', 'T2']);
});

it('leaves other readings alone', () => {
    expect(afterWaiting({ ...reading, id: 'S' }, [item(take('T2', 1047))]).value).toBe(1048);
});

it('shows what was found out of reach, and within it again', () => {
    const beyond: Waiting['ops'][number] = { op: 'append', path: ['facts', 'U1'], value: { kind: 'unreached', reading: 'R' } };
    const open = { ...reading, value: null, takes: [] };
    expect(afterWaiting(open, [item(beyond)]).unreached).toBe('U1');
    expect(afterWaiting({ ...open, id: 'S' }, [item(beyond)]).unreached).toBeNull();
    expect(afterWaiting(open, [item(beyond), item({ op: 'strike', path: ['facts', 'U1'] })]).unreached).toBeNull();
    expect(afterWaiting({ ...open, unreached: 'U0' }, [item({ op: 'strike', path: ['facts', 'T1'] })]).unreached).toBe('U0');
    expect(afterWaiting(open, [item(beyond), item(take('T2', 1047))]).unreached, 'a take has the last word').toBeNull();
});
