import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api, type ConflictRow, type Opened, type Operation, type ProjectLine } from '../api/client';
import type { Piece, ProjectDocument, Space } from '../api/document';
import type { Plan } from '../api/plan';
import type { Unit } from '../measure/read';
import { showInchesTo } from '../measure/show';
import { render, type Text } from '../measure/words';
import { keepForLater } from './keep';
import { laid } from './laid';
import { inOrder } from './order';
import { type Sent, useOutbox } from './outbox';
import type { Waiting } from './waiting';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'full' | 'ended' | 'refused';

/** A change that was refused because somebody else changed the same meanwhile; a row for each operation of it. */
export interface Conflict {
    readonly id: string;
    readonly message: string;
    readonly mine: readonly Operation[];
    readonly rows: readonly ConflictRow[];
}

/** The open project: its document and plan as the server last gave them, and what may be undone. */
export const useProject = defineStore('project', () => {
    const outbox = useOutbox();
    const line = ref<ProjectLine | null>(null);
    /** As the server last gave it. */
    const held = shallowRef<ProjectDocument | null>(null);
    const plan = shallowRef<Plan | null>(null);
    const revision = ref(0);
    const savedAt = ref<Date | null>(null);
    /** The last change was refused, and its field says why. */
    const isRefused = ref(false);
    const mine = computed<readonly Waiting[]>(() => outbox.items.filter((w) => w.project === line.value?.id));
    /** Edits of this project that are on this device alone. */
    const unsent = computed(() => mine.value.filter((w) => !w.refused));
    /** What the server would not have and nobody has dealt with. */
    const amiss = computed(() => mine.value.filter((w) => w.refused && !w.rows));
    const saveState = computed<SaveState>(() => {
        if (unsent.value.length > 0) return outbox.signedOut ? 'ended' : outbox.full ? 'full' : outbox.away ? 'waiting' : 'saving';
        return isRefused.value || amiss.value.length > 0 ? 'refused' : 'saved';
    });
    /** What waits long is shown as it will stand, with the plan as it was. */
    const document = computed<ProjectDocument | null>(() =>
        held.value && ['ended', 'full', 'waiting'].includes(saveState.value) ? laid(held.value, unsent.value) : held.value,
    );
    /** Refused changes in the order they were made; the first is asked about. */
    const asked = computed(() => mine.value.filter((w) => w.rows));
    const conflict = computed<Conflict | null>(() =>
        asked.value[0]
            ? { id: asked.value[0].change_id, message: asked.value[0].refused!, mine: asked.value[0].ops, rows: asked.value[0].rows! }
            : null,
    );
    const readerUnit = ref<Unit | null>(null);
    /** When the copy of the demo house goes that a guest is in. */
    const guestUntil = ref<string | null>(null);
    const undoable = ref<(readonly Operation[])[]>([]);
    const redoable = ref<(readonly Operation[])[]>([]);
    /** How often the server's word came: what was asked for before the last of it is old. */
    let words = 0;
    /** Presses of undo and redo, one after another; and what is sent and neither heard of nor held yet. */
    let turns: Promise<void> = Promise.resolve();
    const underway = new Set<Promise<void>>();

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
        const before = words;
        const [opened, session] = await Promise.all([api.open(id), api.session()]);
        readerUnit.value = session.user?.profile.unit ?? null;
        guestUntil.value = session.user?.guest_until ?? null;
        showInchesTo(session.user?.profile.fraction ?? 32);
        // What waited on this device may have been answered meanwhile, with something newer.
        if (words === before || line.value?.id !== id) show(opened);
        undoable.value = [];
        redoable.value = [];
    }

    function show(opened: Opened): void {
        if (line.value?.id !== opened.project.id) [chosenSpace.value, isRefused.value] = [null, false];
        line.value = opened.project;
        take(opened);
    }

    function take(answer: { revision: number; document: ProjectDocument; plan: Plan }): void {
        words++;
        revision.value = answer.revision;
        held.value = answer.document;
        plan.value = answer.plan;
        savedAt.value = new Date();
        if (line.value) keepForLater({ project: line.value, ...answer });
    }

    /**
     * The outbox keeps it on this device and sends it in its turn. Waited for is what the server says, or, where that takes its time,
     * that it waits; what takes it back goes where it belongs once the server has it.
     */
    async function send(sent: Sent, takenBack: (inverse: readonly Operation[]) => void): Promise<void> {
        let isHeld = false;
        const heard = sent.heard.then(
            (inverse) => {
                isRefused.value = false;
                takenBack(inverse);
            },
            (error: unknown) => {
                isRefused.value = !isHeld;
                throw error;
            },
        );
        heard.catch(() => undefined);
        const settled = Promise.race([heard, sent.held.then(() => void (isHeld = true))]);
        const quiet = settled.catch(() => undefined).then(() => void underway.delete(quiet));
        underway.add(quiet);
        await settled;
    }

    const edit = (ops: readonly Operation[]): Sent => outbox.edit(line.value!.id, ops, revision.value);

    function change(...ops: Operation[]): Promise<void> {
        return send(edit(ops), done);
    }

    function done(inverse: readonly Operation[]): void {
        if (inverse.length > 0) undoable.value = [...undoable.value, inverse];
        redoable.value = [];
    }

    /** The commonest change: one field of the document; null takes it away. */
    const set = (path: readonly string[], value: unknown): Promise<void> => change({ op: 'set', path, value });

    /** Only when nothing waits: what is older than an edit on this device would be taken back in its place. */
    const isUpToDate = computed(() => ['saved', 'saving', 'refused'].includes(saveState.value));
    const mayUndo = computed(() => undoable.value.length > 0 && isUpToDate.value);
    const mayRedo = computed(() => redoable.value.length > 0 && isUpToDate.value);

    /** Presses count in their order: each finds what the one before it left. */
    function inTurn(act: () => Promise<void>): Promise<void> {
        const mineToo = Promise.all([turns, ...underway]).then(act);
        turns = mineToo.catch(() => undefined);
        return mineToo;
    }

    const undo = (): Promise<void> => inTurn(takeBack);
    const redo = (): Promise<void> => inTurn(bringBack);

    async function takeBack(): Promise<void> {
        const last = undoable.value.at(-1);
        if (!last || !mayUndo.value) return;
        undoable.value = undoable.value.slice(0, -1);
        await send(edit(last), (inverse) => (redoable.value = [...redoable.value, inverse]));
    }

    async function bringBack(): Promise<void> {
        const last = redoable.value.at(-1);
        if (!last || !mayRedo.value) return;
        redoable.value = redoable.value.slice(0, -1);
        await send(edit(last), (inverse) => (undoable.value = [...undoable.value, inverse]));
    }

    /** The person's own unit for reading; the document's stays what it is. */
    async function readIn(next: Unit): Promise<void> {
        readerUnit.value = next;
        await api.keepProfile({ unit: next === documentUnit.value ? null : next });
    }

    /** After a conflict: load what stands now, then lay those operations of mine over it that are to stand. */
    async function settle(stands: (index: number) => boolean): Promise<void> {
        const refused = asked.value[0];
        if (!refused) return;
        const ops = refused.ops.filter((_, i) => stands(i));
        show(await api.open(line.value!.id));
        if (ops.length === 0) return giveUp(refused);
        await send(outbox.again(refused, revision.value, ops), done);
    }

    /** Once more what the server would not have, on what stands now. */
    async function tryAgain(refused: Waiting): Promise<void> {
        show(await api.open(line.value!.id));
        await send(outbox.again(refused, revision.value), done);
    }

    async function giveUp(refused: Waiting): Promise<void> {
        await outbox.giveUp(refused);
        isRefused.value = false;
    }

    return {
        line, document, plan, revision, savedAt, saveState, unsent, amiss, conflict, tryAgain, giveUp, readerUnit, guestUntil, undoable, redoable, mayUndo, mayRedo,
        unit, documentUnit, chosenSpace, spaces, space, chosenPiece, pieces, piece, pieceOf, say, site, fitted, open, change, set, undo, redo, settle, readIn, showSpaceOf, received: take,
    }; // prettier-ignore
});
