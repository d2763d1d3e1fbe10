import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Change } from '../api/client';
import { isPutOff, person } from '../api/person';
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
/** What the server says instead of taking it. */
let answer: (() => Response) | null;
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
    person.value = { id: 'wren', guest_until: null } as never;
    isPutOff.value = false;
    answer = null;
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) => {
        if (isAway) return Promise.reject(new TypeError('network'));
        if (path === '/api/session') return Promise.resolve(Response.json({ user: { id: 'wren', guest_until: null } }));
        if (answer) return Promise.resolve(answer());
        sent.push(JSON.parse(String(init!.body)) as Change);
        return Promise.resolve(Response.json({ revision: sent.length + 1, document: {}, plan: {}, inverse: [cut(0)[0]] }));
    });
});
const ids = (): string[] => sent.map((c) => c.ops[0]!.path[1]!);
/** The page is loaded anew: nothing is left of it but this device's disk. */
const reloaded = async (): Promise<ReturnType<typeof useOutbox>> => {
    setActivePinia(createPinia());
    person.value = undefined;
    await useOutbox().load();
    await settle();
    return useOutbox();
};

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

it('sends after a reload what an edit left here, on the revision it was made on', async () => {
    isAway = true;
    void useOutbox().edit('p', cut(1), 7);
    await settle();
    void useOutbox().edit('p', cut(2), 7);
    await settle();
    expect(useOutbox().away).toBe(true);
    isAway = false;
    const outbox = await reloaded();
    expect([ids(), sent.map((c) => c.base_revision), outbox.items]).toEqual([['F1', 'F2'], [7, 7], []]);
    expect(sent[1]!.after).toEqual([sent[0]!.change_id]);
});

it('tells an edit what takes it back', async () => {
    const told = useOutbox().edit('p', cut(1), 1).heard;
    await settle();
    expect(await told).toEqual(cut(0));
});

it('keeps through signing out and in what is of one person, and sends it in no other name', async () => {
    answer = () => Response.json({ message: 'Signed out.' }, { status: 401 });
    void useOutbox().edit('p', cut(1), 1);
    await settle();
    expect([useOutbox().signedOut, useOutbox().kept.length]).toEqual([true, 1]);
    answer = null;
    person.value = { id: 'tilde', guest_until: null } as never;
    await useOutbox().load();
    await settle();
    expect([ids(), useOutbox().items.length, useOutbox().others]).toEqual([[], 0, 1]);
    person.value = null;
    await useOutbox().flush();
    expect(ids()).toEqual([]);
    await reloaded();
    expect(ids()).toEqual(['F1']);
});

it('does not ask again for a password that was put off, and sends nothing', async () => {
    isPutOff.value = true;
    void useOutbox().edit('p', cut(1), 1);
    await settle();
    expect([ids(), useOutbox().kept.length]).toEqual([[], 1]);
});

it('keeps what was refused and what stands against what, until somebody decides', async () => {
    isAway = true;
    void useOutbox().edit('p', cut(1), 1);
    await settle();
    isAway = false;
    answer = () => Response.json({ message: 'Changed meanwhile.', rows: [{ both: true }] }, { status: 409 });
    const outbox = await reloaded();
    expect([outbox.kept.length, outbox.refused[0]!.rows, outbox.refused[0]!.refused]).toEqual([0, [{ both: true }], 'Changed meanwhile.']);
    answer = null;
    expect((await reloaded()).refused).toHaveLength(1);
    void useOutbox().again(useOutbox().refused[0]!, 9, cut(5));
    await settle();
    expect([ids(), sent[0]!.base_revision, useOutbox().items]).toEqual([['F5'], 9, []]);
});

it('lets an edit go its way where this device keeps nothing, and says that the page alone has it', async () => {
    [disk.full, isAway] = [true, true];
    const told = useOutbox().edit('p', cut(1), 1).heard;
    await settle();
    expect([useOutbox().loose.length, useOutbox().unkept]).toEqual([1, 'Not kept: this device has no room left.']);
    isAway = false;
    await useOutbox().flush();
    expect([await told, ids(), useOutbox().loose.length]).toEqual([cut(0), ['F1'], 0]);
});

it('hears of what another page of this browser sent for it', async () => {
    isAway = true;
    const told = useOutbox().edit('p', cut(1), 1).heard;
    await settle();
    [disk.rows, isAway] = [[], false];
    await useOutbox().flush();
    expect(await told).toEqual(cut(0));
});

it('forgets what was of a guest whose copy is gone', async () => {
    person.value = { id: 'guest', guest_until: '2020-01-01T00:00:00Z' } as never;
    isAway = true;
    void useOutbox().edit('p', cut(1), 1);
    await settle();
    isAway = false;
    expect([(await reloaded()).items.length, useOutbox().others, ids()]).toEqual([0, 0, []]);
});

it('does not let what the server fails at hold up what comes after it', async () => {
    const failed = useOutbox().add('p', cut(1));
    answer = () => {
        answer = null;
        return Response.json({ message: 'Something went wrong on our side.' }, { status: 500 });
    };
    await settle();
    await failed;
    void useOutbox().add('p', cut(2));
    await settle();
    expect([ids(), useOutbox().refused.map((w) => w.refused)]).toEqual([['F2'], ['Something went wrong on our side.']]);
});

it('takes turns with other pages of this browser where the browser knows how', async () => {
    const turns: string[] = [];
    vi.stubGlobal('navigator', { locks: { request: (name: string, work: () => Promise<void>) => (turns.push(name), work()) } });
    void useOutbox().edit('p', cut(1), 1);
    await settle();
    vi.unstubAllGlobals();
    expect([ids(), new Set(turns)]).toEqual([['F1'], new Set(['incastro-outbox'])]);
});
