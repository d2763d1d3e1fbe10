import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Change } from '../api/client';
import { useOutbox } from './outbox';
import type { Waiting } from './waiting';

/** A disk that takes its time: nothing on it is there before `settle`. */
const disk = vi.hoisted(() => ({ rows: [] as Waiting[], seq: 0, full: false, slow: [] as (() => void)[] }));
vi.mock('./waiting', () => ({
    waiting: {
        all: () => Promise.resolve([...disk.rows]),
        put: (item: Waiting) =>
            new Promise<void>((resolve, reject) =>
                disk.slow.push(() => {
                    if (disk.full) return reject(new DOMException('The quota has been exceeded.', 'QuotaExceededError'));
                    const seq = item.seq ?? ++disk.seq;
                    disk.rows = [...disk.rows.filter((w) => w.seq !== seq), { ...item, seq }].sort((a, b) => a.seq! - b.seq!);
                    resolve();
                }),
            ),
        drop: (seq: number) => {
            disk.rows = disk.rows.filter((w) => w.seq !== seq);
            return Promise.resolve();
        },
    },
}));

let sent: Change[];
let isAway: boolean;
const cut = (n: number) => [{ op: 'append' as const, path: ['facts', `F${n}`], value: { kind: 'sawn', cut: n } }];
const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 5));
async function settle(): Promise<void> {
    for (let i = 0; i < 4; i++) {
        disk.slow.splice(0).forEach((done) => done());
        await pause();
    }
}

beforeEach(() => {
    Object.assign(disk, { rows: [], seq: 0, full: false, slow: [] });
    [sent, isAway] = [[], false];
    setActivePinia(createPinia());
    vi.stubGlobal('document', { querySelector: () => null });
    vi.stubGlobal('fetch', (_: string, init?: RequestInit) => {
        if (isAway) return Promise.reject(new TypeError('network'));
        sent.push(JSON.parse(String(init!.body)) as Change);
        return Promise.resolve(Response.json({ revision: sent.length + 1, document: {}, plan: {}, inverse: [] }));
    });
});

it('knows what was said before the disk has it, so that a second press finds it there', async () => {
    const outbox = useOutbox();
    void outbox.add('p', cut(1));
    expect(outbox.items.map((w) => w.ops[0]!.path[1])).toEqual(['F1']);
    void outbox.add('p', cut(2));
    expect(outbox.items.map((w) => w.ops[0]!.path[1])).toEqual(['F1', 'F2']);
    expect(sent).toEqual([]);
    await settle();
    expect(sent.map((c) => c.ops[0]!.path[1])).toEqual(['F1', 'F2']);
    expect(outbox.items).toEqual([]);
});

it('sends nothing that is not on the disk, and does not lose from sight what is on its way there', async () => {
    const outbox = useOutbox();
    isAway = true;
    void outbox.add('p', cut(1));
    await settle();
    isAway = false;
    void outbox.add('p', cut(2));
    await outbox.flush();
    expect(sent.map((c) => c.ops[0]!.path[1])).toEqual(['F1']);
    expect(outbox.items.map((w) => w.ops[0]!.path[1])).toEqual(['F2']);
    await settle();
    expect(sent.map((c) => c.ops[0]!.path[1])).toEqual(['F1', 'F2']);
});

it('says so where the device would not keep it, and is as if nothing had been said', async () => {
    const outbox = useOutbox();
    disk.full = true;
    const kept = outbox.add('p', cut(1)).then(
        () => 'kept',
        () => 'not kept',
    );
    await settle();
    expect(await kept).toBe('not kept');
    expect(outbox.items).toEqual([]);
    expect(outbox.unkept).toBe('Not kept: this device has no room left.');
    disk.full = false;
    void outbox.add('p', cut(1));
    await settle();
    expect(outbox.unkept).toBe('');
    expect(sent).toHaveLength(1);
});

it('sends what is said while it is sending', async () => {
    const outbox = useOutbox();
    for (let n = 1; n <= 20; n++) {
        void outbox.add('p', cut(n));
        if (n % 3 === 0) await settle();
    }
    await settle();
    expect(sent.map((c) => c.ops[0]!.path[1])).toEqual(Array.from({ length: 20 }, (_, i) => `F${i + 1}`));
});
