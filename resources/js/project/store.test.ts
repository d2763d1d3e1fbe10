import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Change, Operation } from '../api/client';
import { useProject } from './store';

/** A server of a few lines: it keeps a document of one number, applies `set depth`, and can be told to fail. */
class Server {
    revision = 1;
    depth = 380;
    readonly seen: Change[] = [];
    readonly applied = new Map<string, readonly Operation[]>();
    failNext: 'not now' | 'full' | 'broken' | 'wrong' | 'away' | 'lost answer' | 'stale' | null = null;

    async fetch(path: string, init?: RequestInit): Promise<Response> {
        if (path === '/api/session') return Response.json({ user: { profile: { unit: null } }, demo: true });
        if (!path.endsWith('/changes')) return Response.json({ project: { id: 'p' }, ...this.state() });
        const change = JSON.parse(String(init!.body)) as Change;
        this.seen.push(change);
        const fail = this.failNext;
        this.failNext = null;
        if (fail === 'away') throw new TypeError('network');
        if (fail === 'not now') return new Response('<html>502</html>', { status: 502 });
        if (fail === 'broken') return Response.json({ message: 'Something went wrong on our side.' }, { status: 500 });
        if (fail === 'wrong') return Response.json({ message: 'A depth is more than nothing.' }, { status: 422 });
        if (fail === 'full') return Response.json({ message: 'No room.' }, { status: 507 });
        if (fail === 'stale')
            return Response.json({ message: 'Someone changed it.', rows: [{ both: true }, { both: false }] }, { status: 409 });
        const inverse = this.applied.get(change.change_id) ?? this.apply(change);
        if (fail === 'lost answer') throw new TypeError('network');
        return Response.json({ ...this.state(), inverse });
    }

    private apply(change: Change): readonly Operation[] {
        const inverse: Operation[] = [{ op: 'set', path: ['depth'], value: this.depth }];
        this.depth = change.ops[0]!.value as number;
        this.revision++;
        this.applied.set(change.change_id, inverse);
        return inverse;
    }

    private state(): object {
        return { revision: this.revision, document: { unit: 'mm', depth: this.depth }, plan: {} };
    }
}

let server: Server;
const set = (value: number): Operation => ({ op: 'set', path: ['depth'], value });

beforeEach(() => {
    server = new Server();
    setActivePinia(createPinia());
    vi.stubGlobal('fetch', (path: string, init?: RequestInit) => server.fetch(path, init));
    vi.stubGlobal('document', { querySelector: () => null });
    vi.useFakeTimers({ shouldAdvanceTime: true, advanceTimeDelta: 200 });
});

const soon = (check: () => void): Promise<void> => vi.waitFor(check, 8000);

async function opened(): Promise<ReturnType<typeof useProject>> {
    const project = useProject();
    await project.open('p');
    return project;
}

it('undoes and redoes by sending changes of its own', async () => {
    const project = await opened();
    await project.change(set(300));
    await project.change(set(310));
    expect([server.depth, project.undoable.length]).toEqual([310, 2]);
    await project.undo();
    await project.undo();
    expect([server.depth, project.redoable.length]).toEqual([380, 2]);
    await project.redo();
    expect(server.depth).toBe(300);
    await project.change(set(320));
    expect(project.redoable).toEqual([]);
    expect(server.revision).toBe(7);
});

it('takes back and brings back in the order of the presses, however fast they come', async () => {
    const project = await opened();
    void project.change(set(300));
    void project.change(set(310));
    await Promise.all([project.undo(), project.undo(), project.redo()]);
    expect([server.depth, project.undoable.length, project.redoable.length]).toEqual([300, 1, 1]);
    await Promise.all([project.redo(), project.undo(), project.undo()]);
    expect([server.depth, server.revision]).toEqual([380, 9]);
});

it('knows how to take back what it shows: no plan is in sight before its inverse', async () => {
    const project = await opened();
    const sent = project.change(set(300));
    await soon(() => expect(project.revision).toBe(2));
    await Promise.resolve();
    await Promise.resolve();
    await Promise.resolve();
    expect(project.undoable).toHaveLength(1);
    await sent;
});

it('takes nothing back past an edit that waits on this device', async () => {
    const project = await opened();
    await project.change(set(300));
    server.failNext = 'away';
    await project.change(set(310));
    expect([project.saveState, project.mayUndo]).toEqual(['waiting', false]);
    await project.undo();
    expect(server.depth).toBe(300);
    await soon(() => expect([project.saveState, project.mayUndo]).toEqual(['saved', true]));
    await project.undo();
    expect(server.depth).toBe(300);
});

it('names the edits still on their way that one was made on top of, and the revision that was in sight', async () => {
    const project = await opened();
    await Promise.all([project.change(set(300)), project.change(set(301)), project.change(set(302))]);
    const [a, b] = server.seen.map((c) => c.change_id);
    expect(server.seen.map((c) => c.base_revision)).toEqual([1, 1, 1]);
    expect(server.seen.map((c) => c.after)).toEqual([undefined, [a], [a, b]]);
    expect(server.depth).toBe(302);
    await project.change(set(303));
    expect([server.seen[3]!.base_revision, server.seen[3]!.after]).toEqual([4, undefined]);
});

it('keeps a change while the server is away and says so', async () => {
    const project = await opened();
    server.failNext = 'away';
    const sent = project.change(set(300));
    await soon(() => expect(project.saveState).toBe('waiting'));
    await sent;
    expect(project.undoable).toEqual([]);
    await soon(() => expect([server.depth, project.saveState]).toEqual([300, 'saved']));
    expect(project.undoable).toHaveLength(1);
});

it('sends the same change id again when the answer was lost, so that it counts once', async () => {
    const project = await opened();
    server.failNext = 'lost answer';
    await project.change(set(300));
    await soon(() => expect(server.seen.map((c) => c.change_id)).toHaveLength(2));
    await soon(() => expect(project.revision).toBe(2));
    expect(new Set(server.seen.map((c) => c.change_id)).size).toBe(1);
    expect([server.revision, project.revision]).toEqual([2, 2]);
});

it('shows both versions of a stale change and lays mine over only when told to', async () => {
    const project = await opened();
    server.failNext = 'stale';
    await expect(project.change(set(300))).rejects.toThrow('Someone changed it.');
    expect(project.conflict?.rows.map((r) => r.both)).toEqual([true, false]);
    expect(server.depth).toBe(380);
    await project.settle(() => true);
    expect([server.depth, project.conflict]).toEqual([300, null]);
});

it('leaves theirs when told to', async () => {
    const project = await opened();
    server.failNext = 'stale';
    await expect(project.change(set(300))).rejects.toThrow();
    await project.settle(() => false);
    expect([server.depth, project.conflict, project.undoable.length]).toEqual([380, null, 0]);
});

it('lays over only what is to stand, and asks about each refused change in turn', async () => {
    const project = await opened();
    server.failNext = 'stale';
    const first = project.change(set(300), set(305));
    await expect(first).rejects.toThrow();
    server.failNext = 'stale';
    await expect(project.change(set(310))).rejects.toThrow();
    expect(project.conflict?.mine).toEqual([set(300), set(305)]);
    await project.settle((i) => i === 1);
    expect(server.seen.at(-1)?.ops).toEqual([set(305)]);
    expect(project.conflict?.mine).toEqual([set(310)]);
    await project.settle(() => false);
    expect([server.depth, project.conflict]).toEqual([305, null]);
});

it('keeps what may be undone when a conflict is settled', async () => {
    const project = await opened();
    await project.change(set(300));
    server.failNext = 'stale';
    await expect(project.change(set(310))).rejects.toThrow();
    await project.settle(() => false);
    await project.undo();
    expect(server.depth).toBe(380);
});

it('does not call saved what the server failed at, until it is tried again or given up', async () => {
    const project = await opened();
    server.failNext = 'broken';
    await expect(project.change(set(300))).rejects.toThrow('Something went wrong');
    expect([server.depth, project.saveState, project.amiss.length]).toEqual([380, 'refused', 1]);
    await project.change(set(310));
    expect([server.depth, project.saveState]).toEqual([310, 'refused']);
    await project.tryAgain(project.amiss[0]!);
    expect([server.depth, project.saveState]).toEqual([300, 'saved']);
    server.failNext = 'broken';
    await expect(project.change(set(320))).rejects.toThrow();
    await project.giveUp(project.amiss[0]!);
    expect([server.depth, project.saveState]).toEqual([300, 'saved']);
});

it('keeps what is refused after it had to wait: its field has been left', async () => {
    const project = await opened();
    server.failNext = 'away';
    await project.change(set(-1));
    server.failNext = 'wrong';
    await soon(() => expect(project.amiss.map((w) => w.refused)).toEqual(['A depth is more than nothing.']));
    expect(project.saveState).toBe('refused');
});

it('leaves with its field what the server refuses for what it says', async () => {
    const project = await opened();
    server.failNext = 'wrong';
    await expect(project.change(set(-1))).rejects.toThrow('A depth is more than nothing.');
    expect([project.saveState, project.amiss.length]).toEqual(['refused', 0]);
    await project.change(set(310));
    expect(project.saveState).toBe('saved');
});

it('shows what waits as it will stand', async () => {
    const project = await opened();
    server.failNext = 'away';
    const sent = project.change(set(300));
    await soon(() => expect(project.saveState).toBe('waiting'));
    expect([(project.document as unknown as { depth: number }).depth, server.depth, project.unsent.length]).toEqual([300, 380, 1]);
    await sent;
});

it('keeps what a full disk does not take, says so, and sends it when there is room', async () => {
    const project = await opened();
    server.failNext = 'full';
    const sent = project.change(set(300));
    await soon(() => expect(project.saveState).toBe('full'));
    await sent;
    await soon(() => expect([server.depth, server.revision, project.saveState]).toEqual([300, 2, 'saved']));
});

it('waits for a server that is there and cannot just now', async () => {
    const project = await opened();
    server.failNext = 'not now';
    const sent = project.change(set(300));
    await soon(() => expect(project.saveState).toBe('waiting'));
    await sent;
    await soon(() => expect([server.depth, server.revision, project.saveState]).toEqual([300, 2, 'saved']));
});
