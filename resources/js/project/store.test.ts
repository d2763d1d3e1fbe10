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
    failNext: 'not now' | 'full' | 'broken' | 'away' | 'lost answer' | 'stale' | null = null;

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

it('builds each change on the revision that the one before left', async () => {
    const project = await opened();
    await Promise.all([project.change(set(300)), project.change(set(301)), project.change(set(302))]);
    expect(server.seen.map((c) => c.base_revision)).toEqual([1, 2, 3]);
    expect(server.depth).toBe(302);
});

it('keeps a change while the server is away and says so', async () => {
    const project = await opened();
    server.failNext = 'away';
    const sent = project.change(set(300));
    await vi.waitFor(() => expect(project.saveState).toBe('waiting'));
    await sent;
    expect([server.depth, project.saveState]).toEqual([300, 'saved']);
});

it('sends the same change id again when the answer was lost, so that it counts once', async () => {
    const project = await opened();
    server.failNext = 'lost answer';
    await project.change(set(300));
    expect(server.seen.map((c) => c.change_id)).toHaveLength(2);
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

it('does not call saved what was refused, until something is saved again', async () => {
    const project = await opened();
    server.failNext = 'broken';
    await expect(project.change(set(300))).rejects.toThrow('Something went wrong');
    expect([server.depth, project.saveState]).toEqual([380, 'refused']);
    await project.change(set(310));
    expect([server.depth, project.saveState]).toEqual([310, 'saved']);
});

it('keeps what a full disk does not take, says so, and sends it when there is room', async () => {
    const project = await opened();
    server.failNext = 'full';
    const sent = project.change(set(300));
    await vi.waitFor(() => expect(project.saveState).toBe('full'));
    await sent;
    expect([server.depth, server.revision, project.saveState]).toEqual([300, 2, 'saved']);
});

it('waits for a server that is there and cannot just now', async () => {
    const project = await opened();
    server.failNext = 'not now';
    const sent = project.change(set(300));
    await vi.waitFor(() => expect(project.saveState).toBe('waiting'));
    await sent;
    expect([server.depth, server.revision, project.saveState]).toEqual([300, 2, 'saved']);
});
