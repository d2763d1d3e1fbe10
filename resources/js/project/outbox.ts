import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api, type Changed, type Operation, Refused, Unreachable } from '../api/client';
import { isPutOff, person, signInAgain } from '../api/person';
import { say } from '../measure/say';
import { useProject } from './store';
import { ulid } from './ulid';
import { type Waiting, waiting } from './waiting';

const AGAIN_AFTER = 2000;
/** The server is there and cannot just now: overloaded, starting, without its database, or its disk is full. */
const NOT_NOW = [429, 502, 503, 504, 507];

/** `heard` is what the server says; `held` comes where that takes its time, and the edit waits on this device. */
export interface Sent {
    readonly heard: Promise<readonly Operation[]>;
    readonly held: Promise<void>;
}

interface Unheard {
    readonly item: Waiting;
    /** Whoever typed it was told that it waits: they have gone on. */
    isHeld: boolean;
    readonly hold: () => void;
    readonly resolve: (inverse: readonly Operation[]) => void;
    readonly reject: (why: unknown) => void;
}

/** Plain copies: the disk takes no reactive ones. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
const isNotNow = (error: unknown): boolean => error instanceof Unreachable || (error instanceof Refused && NOT_NOW.includes(error.status));
const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** One of all pages of this browser sends; they take turns where the browser knows how. */
const inTurn = (work: () => Promise<void>): Promise<void> =>
    typeof navigator !== 'undefined' && 'locks' in navigator ? navigator.locks.request('incastro-outbox', work) : work();

/** Sends what waits on this device, one after another and in order, whenever the server can be reached. */
export const useOutbox = defineStore('outbox', () => {
    const known = shallowRef<Waiting[]>([]);
    const away = ref(false);
    const full = ref(false);
    const signedOut = ref(false);
    /** Why the last thing said is not on this device's disk. */
    const unkept = ref('');
    /** On its way to the device's disk: it counts from the press on, so that a second press finds it there. */
    const writing = shallowRef<readonly Waiting[]>([]);
    /** Edits that this device's disk would not take: they wait in this page alone. */
    const loose = shallowRef<readonly Waiting[]>([]);
    const unheard = new Map<string, Unheard>();
    let sending: Promise<void> = Promise.resolve();
    let timer: ReturnType<typeof setTimeout> | undefined;

    const isMine = (w: Waiting): boolean => !w.who || person.value === undefined || w.who === person.value?.id;
    const all = computed(() => [
        ...known.value,
        ...writing.value.filter((w) => !known.value.some((k) => k.change_id === w.change_id)),
        ...loose.value,
    ]);
    const items = computed(() => all.value.filter(isMine));
    /** How many wait for somebody else to sign in. */
    const others = computed(() => all.value.length - items.value.length);
    const kept = computed(() => items.value.filter((w) => !w.refused));
    const refused = computed(() => items.value.filter((w) => w.refused));

    async function read(): Promise<void> {
        known.value = await waiting.all();
    }

    async function load(): Promise<void> {
        await read();
        for (const gone of known.value.filter((w) => w.until && Date.parse(w.until) < Date.now())) await drop(gone);
        void flush();
    }

    const of = (project: string, ops: readonly Operation[]): Waiting => ({
        change_id: ulid(),
        project,
        ops: plain(ops),
        ...(person.value ? { who: person.value.id, ...(person.value.guest_until ? { until: person.value.guest_until } : {}) } : {}),
    });

    async function write(item: Waiting): Promise<void> {
        writing.value = [...writing.value, item];
        try {
            await waiting.put(item);
            unkept.value = '';
        } catch (error) {
            const isFull = error instanceof Error && error.name === 'QuotaExceededError';
            unkept.value = isFull ? say('Not kept: this device has no room left.') : say('Not kept: {0}', messageOf(error));
            throw new Error(unkept.value);
        } finally {
            await read().catch(() => undefined);
            writing.value = writing.value.filter((w) => w !== item);
        }
    }

    /** Something that happened. Rejects where this device would not keep it: then it is as if nothing had been said. */
    async function add(project: string, ops: readonly Operation[], photo?: Waiting['photo']): Promise<void> {
        await write({ ...of(project, ops), ...(photo ? { photo } : {}) });
        void flush();
    }

    /** An edit made on a revision. Heard is what takes it back once the server has it, or why it would not have it. */
    function edit(project: string, ops: readonly Operation[], base: number): Sent {
        const after = kept.value.filter((w) => w.project === project).map((w) => w.change_id);
        const item = { ...of(project, ops), base, ...(after.length ? { after } : {}) };
        let hold = (): void => undefined;
        const held = new Promise<void>((resolve) => (hold = resolve));
        const heard = new Promise<readonly Operation[]>((resolve, reject) =>
            unheard.set(item.change_id, { item, isHeld: false, hold, resolve, reject }),
        );
        // An edit of the desk goes its way without this disk, too: the page keeps it, and says that it does so alone.
        void write(item)
            .catch(() => (loose.value = [...loose.value, item]))
            .then(flush);
        return { heard, held };
    }

    /** Nobody is kept in a field by a server that is away. */
    function holdAll(): void {
        for (const waits of unheard.values()) {
            waits.isHeld = true;
            waits.hold();
        }
    }

    function flush(): Promise<void> {
        const turn = (): Promise<void> => inTurn(send);
        sending = sending.then(turn, turn);
        return sending;
    }

    /** The first that is on the disk, or that the disk would not take. */
    const first = (): Waiting | undefined => kept.value.find((w) => w.seq !== undefined || loose.value.includes(w));

    async function send(): Promise<void> {
        clearTimeout(timer);
        await read().catch(() => undefined);
        if (isPutOff.value) return holdAll();
        if (kept.value.length === 0 && unheard.size === 0) return;
        for (let next = (await isSomebodyIn()) ? first() : undefined; next; next = first()) {
            try {
                const answer = await deliver(next);
                // Heard before the disk is tidied: what is in sight can be taken back at once.
                hear(next.change_id, answer);
                await drop(next);
            } catch (error) {
                if (!(await setAside(next, error))) return;
            }
        }
        await askAboutSent();
    }

    /** Whose what waits is can be told only once the server said who is in. */
    async function isSomebodyIn(): Promise<boolean> {
        if (person.value !== undefined) return person.value !== null;
        try {
            return (await api.session()).user !== null;
        } catch {
            waitForServer(new Unreachable());
            return false;
        }
    }

    /** What another page of this browser sent meanwhile is asked for again: under its own id it counts once. */
    async function askAboutSent(): Promise<void> {
        for (const { item, reject } of [...unheard.values()]) {
            const there = all.value.find((w) => w.change_id === item.change_id);
            if (there?.refused) reject(new Refused(there.refused, there.rows ? 409 : 500, { message: there.refused }));
            if (there?.refused) unheard.delete(item.change_id);
            if (there) continue;
            try {
                hear(item.change_id, await deliver(item));
            } catch (error) {
                if (isNotNow(error)) return waitForServer(error);
                unheard.delete(item.change_id);
                reject(error);
            }
        }
    }

    async function deliver(item: Waiting): Promise<Changed> {
        if (item.photo) await api.sendPhoto(item.project, item.photo.id, item.photo.blob);
        const project = useProject();
        const isOpen = project.line?.id === item.project;
        const base_revision = Math.max(1, item.base ?? (isOpen ? project.revision : 1));
        const { change_id, ops, after } = item;
        const answer = await api.change(item.project, { change_id, base_revision, ops, ...(after ? { after } : {}) });
        away.value = full.value = signedOut.value = false;
        if (project.line?.id === item.project) project.received(answer);
        return answer;
    }

    function hear(id: string, answer: Changed): void {
        unheard.get(id)?.resolve(answer.inverse);
        unheard.delete(id);
    }

    /** True when the next may be tried: this one is kept with the reason. False when all must wait. */
    async function setAside(item: Waiting, error: unknown): Promise<boolean> {
        const status = error instanceof Refused ? error.status : 0;
        if (status === 401 || status === 419) return askPassword();
        if (isNotNow(error)) {
            waitForServer(error);
            return false;
        }
        const waits = unheard.get(item.change_id);
        const rows = error instanceof Refused && status === 409 ? { rows: error.body.rows ?? [] } : {};
        // Whoever typed it is told in its field; what nobody waits for, and what may be tried again, stays here with the reason.
        if (waits && !waits.isHeld && status >= 400 && status < 500 && status !== 409) await drop(item);
        else
            await keepRefused(item, {
                ...plain({ ...item, photo: undefined }),
                ...(item.photo ? { photo: item.photo } : {}),
                ...plain(rows),
                refused: messageOf(error),
            });
        unheard.delete(item.change_id);
        waits?.reject(error);
        return true;
    }

    async function keepRefused(was: Waiting, item: Waiting): Promise<void> {
        if (was.seq === undefined) loose.value = loose.value.map((w) => (w.change_id === was.change_id ? item : w));
        else await waiting.put(item);
        await read().catch(() => undefined);
    }

    function waitForServer(error: unknown): void {
        full.value = error instanceof Refused && error.status === 507;
        away.value = !full.value;
        holdAll();
        clearTimeout(timer);
        timer = setTimeout(() => void flush(), AGAIN_AFTER);
    }

    /** The turn is given back before anybody types a password. */
    function askPassword(): false {
        signedOut.value = true;
        holdAll();
        if (!isPutOff.value) void signInAgain().then((isIn) => (isIn ? flush() : undefined));
        return false;
    }

    async function drop(item: Waiting): Promise<void> {
        loose.value = loose.value.filter((w) => w.change_id !== item.change_id);
        if (item.seq !== undefined) await waiting.drop(item.seq);
        await read().catch(() => undefined);
    }

    /** Once more, as a new change on what stands now. */
    function again(item: Waiting, base: number, ops: readonly Operation[] = item.ops): Sent {
        const sent = edit(item.project, ops, base);
        void drop(item);
        return sent;
    }

    /** Of an account that is no more nothing is kept. */
    const forget = async (): Promise<void> => {
        for (const item of items.value) await drop(item);
    };

    return { items, others, kept, refused, loose, away, full, signedOut, unkept, load, add, edit, flush, giveUp: drop, again, forget };
});
