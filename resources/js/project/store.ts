import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api, type ConflictRow, type Opened, type Operation, type ProjectLine, Refused, Unreachable } from '../api/client';
import type { Piece, ProjectDocument, Space } from '../api/document';
import type { Plan } from '../api/plan';
import type { Unit } from '../measure/read';
import { showInchesTo } from '../measure/show';
import { render, type Text } from '../measure/words';
import { inOrder } from './order';
import { ulid } from './ulid';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'full' | 'refused';

/** A change that was refused because somebody else changed the same meanwhile; a row for each operation of it. */
export interface Conflict {
    readonly message: string;
    readonly mine: readonly Operation[];
    readonly rows: readonly ConflictRow[];
}

/** The server is there and cannot just now: overloaded, starting, or without its database. */
const NOT_NOW = [429, 502, 503, 504, 507];

/** The open project: its document and plan as the server last gave them, and what may be undone. */
export const useProject = defineStore('project', () => {
    const line = ref<ProjectLine | null>(null);
    const document = shallowRef<ProjectDocument | null>(null);
    const plan = shallowRef<Plan | null>(null);
    const revision = ref(0);
    const savedAt = ref<Date | null>(null);
    const saveState = ref<SaveState>('saved');
    /** Refused changes in the order they were made; the first is asked about. */
    const conflicts = shallowRef<readonly Conflict[]>([]);
    const conflict = computed<Conflict | null>(() => conflicts.value[0] ?? null);
    const readerUnit = ref<Unit | null>(null);
    /** When the copy of the demo house goes that a guest is in. */
    const guestUntil = ref<string | null>(null);
    const undoable = ref<(readonly Operation[])[]>([]);
    const redoable = ref<(readonly Operation[])[]>([]);
    let queue: Promise<unknown> = Promise.resolve();

    const unit = computed<Unit>(() => readerUnit.value ?? document.value?.unit ?? 'mm');
    const documentUnit = computed<Unit>(() => document.value?.unit ?? 'mm');
    const chosenSpace = ref<string | null>(null);
    const spaces = computed<[string, Space][]>(() => inOrder(document.value?.spaces ?? {}));
    const space = computed<[string, Space] | null>(() => spaces.value.find(([id]) => id === chosenSpace.value) ?? spaces.value[0] ?? null);
    /** The piece meant for the space in hand, else the first. */
    const chosenPiece = ref<string | null>(null);
    const pieces = computed<[string, Piece][]>(() => inOrder(document.value?.pieces ?? {}));
    const piece = computed<[string, Piece] | null>(() => {
        const here = pieces.value.filter(([, p]) => p.space === space.value?.[0]);
        return here.find(([id]) => id === chosenPiece.value) ?? here[0] ?? pieces.value[0] ?? null;
    });
    const site = computed(() => (space.value && plan.value?.site[space.value[0]]) ?? null);
    const fitted = computed(() => (piece.value && plan.value?.pieces[piece.value[0]]) ?? null);

    /** Goes to the space that a reading, a thing or a piece belongs to; stays where it is for anything else. */
    function showSpaceOf(ref: string): void {
        const owner = Object.entries(plan.value?.site ?? {}).find(
            ([, site]) => site.walk.some((r) => r.id === ref) || site.things.some((t) => t.id === ref),
        );
        const space = owner?.[0] ?? plan.value?.pieces[pieceOf(ref) ?? '']?.space ?? (document.value?.spaces[ref] ? ref : null);
        if (space) chosenSpace.value = space;
        chosenPiece.value = pieceOf(ref) ?? chosenPiece.value;
    }

    /** The piece that a bay, a part or a figure belongs to. */
    function pieceOf(ref: string): string | null {
        const [id = ''] = ref.split(/[/:]/);
        const part = plan.value?.parts.find((p) => p.id === ref);
        if (part) return part.piece;
        return Object.entries(plan.value?.pieces ?? {}).find(([key, p]) => key === id || id in p.cells)?.[0] ?? null;
    }

    /** A text of the plan in the reader's unit. */
    const say = (text: Text): string => render(text, unit.value);

    async function open(id: string): Promise<void> {
        const [opened, session] = await Promise.all([api.open(id), api.session()]);
        readerUnit.value = session.user?.profile.unit ?? null;
        guestUntil.value = session.user?.guest_until ?? null;
        showInchesTo(session.user?.profile.fraction ?? 32);
        show(opened);
        undoable.value = [];
        redoable.value = [];
    }

    function show(opened: Opened): void {
        if (line.value?.id !== opened.project.id) [chosenSpace.value, conflicts.value] = [null, []];
        line.value = opened.project;
        saveState.value = 'saved';
        take(opened);
    }

    function take(answer: { revision: number; document: ProjectDocument; plan: Plan }): void {
        revision.value = answer.revision;
        document.value = answer.document;
        plan.value = answer.plan;
        savedAt.value = new Date();
    }

    /** Sends one after another; each is built on the revision that the one before left. */
    function send(ops: readonly Operation[]): Promise<readonly Operation[]> {
        const change_id = ulid();
        const turn = queue.then(() => deliver(change_id, ops));
        queue = turn.catch(() => undefined);
        return turn;
    }

    async function deliver(change_id: string, ops: readonly Operation[]): Promise<readonly Operation[]> {
        saveState.value = 'saving';
        for (;;) {
            try {
                const answer = await api.change(line.value!.id, { change_id, base_revision: revision.value, ops });
                take(answer);
                saveState.value = 'saved';
                return answer.inverse;
            } catch (error) {
                if (!(error instanceof Unreachable) && !(error instanceof Refused && NOT_NOW.includes(error.status))) {
                    saveState.value = 'refused';
                    noticeConflict(error, ops);
                    throw error;
                }
                // The same change id is sent again: if it did arrive, it is not applied twice.
                saveState.value = error instanceof Refused && error.status === 507 ? 'full' : 'waiting';
                await new Promise((resolve) => setTimeout(resolve, 1500));
            }
        }
    }

    function noticeConflict(error: unknown, ops: readonly Operation[]): void {
        if (error instanceof Refused && error.status === 409) {
            conflicts.value = [...conflicts.value, { message: error.message, mine: ops, rows: error.body.rows ?? [] }];
        }
    }

    async function change(...ops: Operation[]): Promise<void> {
        const inverse = await send(ops);
        if (inverse.length > 0) undoable.value = [...undoable.value, inverse];
        redoable.value = [];
    }

    /** The commonest change: one field of the document; null takes it away. */
    const set = (path: readonly string[], value: unknown): Promise<void> => change({ op: 'set', path, value });

    async function undo(): Promise<void> {
        const last = undoable.value.at(-1);
        if (!last) return;
        undoable.value = undoable.value.slice(0, -1);
        redoable.value = [...redoable.value, await send(last)];
    }

    async function redo(): Promise<void> {
        const last = redoable.value.at(-1);
        if (!last) return;
        redoable.value = redoable.value.slice(0, -1);
        undoable.value = [...undoable.value, await send(last)];
    }

    /** The person's own unit for reading; the document's stays what it is. */
    async function readIn(next: Unit): Promise<void> {
        readerUnit.value = next;
        await api.keepProfile({ unit: next === documentUnit.value ? null : next });
    }

    /** After a conflict: load what stands now, then lay those operations of mine over it that are to stand. */
    async function settle(stands: (index: number) => boolean): Promise<void> {
        const [refused, ...later] = conflicts.value;
        if (!refused) return;
        show(await api.open(line.value!.id));
        conflicts.value = later;
        const mine = refused.mine.filter((_, i) => stands(i));
        if (mine.length > 0) await change(...mine);
    }

    return {
        line, document, plan, revision, savedAt, saveState, conflict, readerUnit, guestUntil, undoable, redoable,
        unit, documentUnit, chosenSpace, spaces, space, chosenPiece, pieces, piece, pieceOf, say, site, fitted, open, change, set, undo, redo, settle, readIn, showSpaceOf, received: take,
    }; // prettier-ignore
});
