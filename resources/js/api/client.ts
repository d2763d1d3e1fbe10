import type { Text } from '../measure/words';
import type { Layout, ProjectDocument, Space, Thing } from './document';
import type { Figure, MadePiece, Part, Plan, Totals } from './plan';

export type SpaceKind = Space['kind'];
export type ThingKind = Thing['kind'];

/** What the server refused, in its own words; `problems` name the place of each thing wrong. */
export class Refused extends Error {
    constructor(
        message: string,
        readonly status: number,
        readonly body: RefusalBody,
    ) {
        super(message);
    }
}

export interface RefusalBody {
    readonly message?: string;
    readonly problems?: readonly { pointer: string; message: string }[];
    readonly paths?: readonly string[];
    readonly theirs?: Readonly<Record<string, unknown>>;
    readonly revision?: number;
    readonly rows?: readonly ConflictRow[];
}

/** One operation of a refused change: what it would make of a thing, and how that stands. `both`: somebody else changed it too. */
export interface ConflictRow {
    readonly what: Text;
    readonly mine: Text | null;
    readonly theirs: Text | null;
    readonly both: boolean;
}

/** The server could not be reached. */
export class Unreachable extends Error {}

export interface Operation {
    readonly op: 'set' | 'add' | 'remove' | 'append' | 'strike' | 'restore';
    readonly path: readonly string[];
    readonly value?: unknown;
}

export interface Change {
    readonly change_id: string;
    readonly base_revision: number;
    readonly ops: readonly Operation[];
}

export interface ProjectLine {
    readonly id: string;
    readonly name: string;
    readonly household: string;
    readonly revision: number;
    readonly updated_at: string;
    readonly may_change: boolean;
    readonly archived: boolean;
    readonly deleted: boolean;
}

/** A link by which somebody without an account reads a project. */
export interface SharedLink {
    readonly id: string;
    readonly label: string;
    readonly until: string;
    readonly seen: string | null;
}

/** What such a link shows. */
export interface Look {
    readonly name: string;
    readonly household: string;
    readonly until: string;
    readonly revision: number;
    readonly unit: 'mm' | 'in';
    readonly pieces: readonly { id: string; name: string; width: Figure; height: Figure; depth: Figure }[];
    readonly parts: readonly Pick<Part, 'id' | 'label' | 'name' | 'material_name' | 'thickness' | 'finished' | 'cut' | 'banded'>[];
    readonly sheets: readonly { material: string; name: string; count: number }[];
}

/** Rows of a list from elsewhere, and which column was taken for what. */
interface FoundList<Row> {
    readonly titles: readonly string[];
    readonly columns: Readonly<Record<string, number>>;
    readonly rows: readonly Row[];
}

/** mm, or degrees of an angle. */
export type FoundReadings = FoundList<{
    line: number;
    what: string;
    typed: string;
    reading: string | null;
    value: number | null;
    trouble: string | null;
}>;

export type FoundBoards = FoundList<{
    line: number;
    name: string;
    length: number | null;
    width: number | null;
    count: number;
    material: string | null;
    grain: boolean;
    trouble: string | null;
}> & { readonly missing: readonly string[] };

/** mm from its own lower left corner; `walls`: what it would be as a wall, by the side that is on. */
export interface FoundOutline {
    readonly layer: string;
    readonly closed: boolean;
    readonly points: readonly (readonly [number, number])[];
    readonly walls: Readonly<Partial<Record<'left' | 'right' | 'top' | 'bottom', readonly { at: number; gap: number }[]>>>;
}

/** One thing that changed; null where it was or is not there. */
export interface ToldRow {
    readonly area: 'room' | 'piece' | 'material' | 'sheets' | 'log' | 'other';
    readonly what: Text;
    readonly before: Text | null;
    readonly after: Text | null;
}

export interface RevisionLine {
    readonly number: number;
    readonly by: string | null;
    readonly made_at: string;
    readonly name: string | null;
    readonly rows: readonly ToldRow[];
    readonly more: number;
}

/** Sizes in mm: length, width, thickness. */
export interface ComparedPart {
    readonly label: string;
    readonly name: Text;
    readonly before: { size: readonly [number, number, number]; material: string } | null;
    readonly after: { size: readonly [number, number, number]; material: string } | null;
}

export type ComesTo = Readonly<Record<'parts' | 'sheets' | 'cents' | 'minutes' | 'findings' | 'stops', number>>;

export interface Compared {
    readonly from: number;
    readonly to: number;
    readonly rows: readonly ToldRow[];
    readonly parts: readonly ComparedPart[];
    readonly before: ComesTo;
    readonly after: ComesTo;
}

/** Projects at hand, put away, or deleted and to be brought back. */
export type Which = 'open' | 'archived' | 'deleted';

export interface Opened {
    readonly project: ProjectLine;
    readonly revision: number;
    readonly document: ProjectDocument;
    readonly plan: Plan;
}

export interface Changed {
    readonly revision: number;
    readonly inverse: readonly Operation[];
    readonly document: ProjectDocument;
    readonly plan: Plan;
}

/** How a person reads numbers, and what their new projects begin with. */
export interface Profile {
    readonly unit?: 'mm' | 'in' | null;
    /** The finest fraction of an inch shown. */
    readonly fraction?: 8 | 16 | 32 | 64 | null;
    readonly paper?: 'a4' | 'letter' | null;
    readonly currency?: string | null;
    readonly workshop?: object;
    readonly sheets?: readonly object[];
}

export type Role = 'owner' | 'maker' | 'viewer';

/** Whose projects they are; whom it has asked is seen by its owners alone. */
export interface Household {
    readonly id: string;
    readonly name: string;
    readonly role: Role;
    readonly members: readonly { id: string; name: string; role: Role; me: boolean }[];
    readonly invitations: readonly { id: string; email: string; role: Role; until: string }[];
}

export interface Session {
    readonly user: { id: string; name: string; profile: Profile; has_password: boolean } | null;
    readonly demo: boolean;
    /** Whether anybody may begin an account here. */
    readonly sign_up: boolean;
}

/** What sheets more cost, and what they save at the saw. */
export interface Trade {
    readonly sheets: number;
    readonly cents: number;
    readonly settings: number;
    readonly layout: Layout;
}

export interface LayoutSearch {
    readonly id: string;
    readonly status: 'waiting' | 'running' | 'done' | 'cancelled' | 'failed';
    readonly percent: number;
    readonly revision: number;
    /** Materials whose layout beats the plan's. */
    readonly better: readonly string[];
    /** What one sheet more would save, by material. */
    readonly trades: Readonly<Record<string, Trade>>;
    readonly layouts: Readonly<Record<string, Layout>> | null;
}

/** A piece to begin from, the kinds of space it suits, and the demo room that shows it. */
export interface PieceStart {
    readonly name: string;
    readonly spaces: readonly SpaceKind[];
    readonly room: string;
}

export type Verdict = 'goes' | 'goes_if' | 'not_found' | 'cannot';

/** One stretch of the way in, seen from above: outer walls on the axes; `path` is the box’s middle and how its long side lies. mm. */
export interface CarriedLeg {
    readonly segment: string;
    readonly name: string;
    readonly verdict: Verdict;
    readonly says: Text;
    readonly spare: number;
    readonly box: readonly [number, number];
    readonly walls: readonly [number, number | null];
    readonly path: readonly { x: number; y: number; deg: number }[];
}

/** Raising it and sliding it back, in section: out of the wall, and up from the floor. mm. */
export interface CarriedPlace {
    readonly verdict: Verdict;
    readonly says: Text;
    readonly clearance: number | null;
    readonly needs: number;
    readonly highest: number;
    readonly shape: readonly (readonly [number, number])[];
    readonly overhead: readonly (readonly [number, number])[];
    readonly blocks: readonly (readonly [number, number, number, number])[];
    readonly base: readonly [number, number] | null;
    readonly wall: number;
    readonly path: readonly { y: number; deg: number; lift: number }[];
}

/** One box of a piece on its way to its place. */
export interface CarriedBox {
    readonly id: string;
    readonly name: Text;
    readonly verdict: Verdict;
    readonly size: readonly [number, number, number];
    readonly kg: number;
    readonly people: number;
    readonly legs: readonly CarriedLeg[];
    readonly place: CarriedPlace;
    readonly split: Text | null;
}

/** One school of practice on a piece: each choice with the changes that make it and what a plan of it comes to. */
export interface School {
    readonly school: string;
    readonly choices: readonly {
        readonly choice: string;
        readonly now: boolean;
        readonly ops: readonly Operation[];
        readonly stops: number;
        readonly sheets: number;
        readonly totals: Totals | null;
    }[];
}

/** A change worked through with what is cut: what becomes of each piece, what is cut anew from where, and what that comes to. */
export interface Replan {
    readonly ops: readonly Operation[];
    /** `becomes` and `use`: a part, `stock` to cut from, or `lost`; what comes off a piece that becomes a part. */
    readonly rows: readonly (MadePiece & {
        becomes: string;
        choices: readonly { use: string; over_length: number | null; over_width: number | null }[];
    })[];
    /** `from`: the begun sheet whose remains it is cut from. */
    readonly anew: readonly { part: string; from: string | null }[];
    readonly before: Effort;
    readonly after: Effort;
}

export interface Effort {
    readonly sheets: number;
    readonly cents: number;
    readonly minutes: number;
}

/** A leftover on the household’s rack; sizes in mm, the length along the grain. */
export interface RackPiece {
    readonly id: string;
    readonly label: string;
    readonly material: string;
    readonly grain: boolean;
    readonly thickness: number;
    readonly length: number;
    readonly width: number;
    /** By this project. */
    readonly taken: boolean;
    readonly own: boolean;
}

/** A bought thing, or with no kind something to store; sizes in mm. `fills`: what a bay of that fill takes from it. */
export interface LibraryEntry {
    /** Ours have none. */
    readonly id?: string;
    readonly name: string;
    readonly kind: string | null;
    readonly width: number | null;
    readonly depth: number | null;
    readonly height: number | null;
    readonly kg: number;
    readonly count: number;
    readonly often: 'daily' | 'weekly' | 'seldom';
    readonly hazard: boolean;
    readonly rating: number | null;
    readonly clearance: number | null;
    readonly fixes_to: string;
    readonly watts: number;
    readonly price_cents: number;
    readonly note: string;
    readonly fills: Readonly<Record<string, Readonly<Record<string, unknown>>>>;
}

/** The token of the session as it stands; the page's own may be from a visit long ago. */
function token(): Record<string, string> {
    const cookie = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1];
    if (cookie) return { 'X-XSRF-TOKEN': decodeURIComponent(cookie) };
    return { 'X-CSRF-TOKEN': document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')?.content ?? '' };
}

async function reach(method: string, path: string, body: BodyInit | undefined, type: string): Promise<Response> {
    try {
        const headers = { Accept: 'application/json', 'Content-Type': type, ...token() };
        return await fetch(path, { method, headers, ...(body === undefined ? {} : { body }) });
    } catch {
        throw new Unreachable('The server cannot be reached; what you entered is kept here and sent again.');
    }
}

async function ask<T>(method: string, path: string, body?: unknown, raw?: string | true): Promise<T> {
    const sent = body === undefined ? undefined : raw ? (body as BodyInit) : JSON.stringify(body);
    const type = typeof raw === 'string' ? raw : 'application/json';
    let response = await reach(method, path, sent, type);
    if (response.status === 419) {
        // The session was renewed since the page came: any answer brings the new token.
        await reach('GET', '/api/session', undefined, type);
        response = await reach(method, path, sent, type);
    }
    if (response.status === 204) return undefined as T;
    const answer = (await response.json().catch(() => ({}))) as RefusalBody;
    if (!response.ok) throw new Refused(answer.message ?? 'The server gave no reason.', response.status, answer);
    return answer as T;
}

const project = (id: string): string => `/api/projects/${id}`;

/** A project asked for while the page is still being put together; used by whoever opens it first. */
let early: { id: string; answer: Promise<Opened>; session: Promise<Session> | null } | null = null;
export function askEarly(path: string): void {
    const id = /^\/projects\/([0-9a-z]{26})(\/|$)/i.exec(path)?.[1];
    if (!id) return;
    early = { id, answer: ask<Opened>('GET', project(id)), session: ask<Session>('GET', '/api/session') };
    early.answer.catch(() => undefined);
    early.session!.catch(() => undefined);
}

function opened(id: string): Promise<Opened> {
    const ready = early?.id === id ? early.answer : null;
    if (ready === null) early = null;
    else early = { ...early!, id: '' };
    return ready ?? ask<Opened>('GET', project(id));
}

function whoIsIn(): Promise<Session> {
    const ready = early?.session ?? null;
    early = null;
    return ready ?? ask<Session>('GET', '/api/session');
}

export const api = {
    session: whoIsIn,
    signIn: (email: string, password: string) => ask<Session>('POST', '/api/sign-in', { email, password }),
    signUp: (of: { name: string; email: string; password: string; household: string }) => ask<Session>('POST', '/api/account', of),
    forgotten: (email: string) => ask<void>('POST', '/api/forgotten', { email }),
    reset: (email: string, token: string, password: string) => ask<void>('POST', '/api/reset', { email, token, password }),
    changePassword: (current: string, password: string) => ask<void>('PUT', '/api/account/password', { current, password }),
    deleteAccount: (password: string) => ask<void>('DELETE', '/api/account', { password }),
    households: () => ask<{ data: Household[] }>('GET', '/api/households'),
    beginHousehold: (name: string) => ask<{ data: Household }>('POST', '/api/households', { name }),
    nameHousehold: (id: string, name: string) => ask<{ data: Household }>('PATCH', `/api/households/${id}`, { name }),
    invite: (id: string, email: string, role: Role) => ask<void>('POST', `/api/households/${id}/invitations`, { email, role }),
    callOffInvitation: (id: string, invitation: string) => ask<void>('DELETE', `/api/households/${id}/invitations/${invitation}`),
    makeMember: (id: string, member: string, role: Role) => ask<void>('PATCH', `/api/households/${id}/members/${member}`, { role }),
    takeOut: (id: string, member: string) => ask<void>('DELETE', `/api/households/${id}/members/${member}`),
    join: (token: string) => ask<{ household: string }>('POST', '/api/join', { token }),
    /** What the worker kept of projects goes with the session. */
    signOut: () => ask<void>('DELETE', '/api/session').then(() => ('caches' in window ? caches.delete('incastro-1') : false)),
    projects: (which: Which = 'open', search = '') =>
        ask<{ data: ProjectLine[] }>('GET', `/api/projects?which=${which}&search=${encodeURIComponent(search)}`),
    copyProject: (id: string) => ask<{ data: ProjectLine }>('POST', `${project(id)}/copy`),
    archive: (id: string, archived: boolean) => ask<{ data: ProjectLine }>('PATCH', project(id), { archived }),
    deleteProject: (id: string) => ask<void>('DELETE', project(id)),
    bringBack: (id: string) => ask<{ data: ProjectLine }>('POST', `${project(id)}/bring-back`),
    open: opened,
    /** A bare document, or one packed with its photos: told by what is in it. */
    import: (file: Blob, household?: string) =>
        ask<{ data: ProjectLine }>('POST', `/api/projects${household ? `?household=${household}` : ''}`, file, 'application/zip'),
    keepProfile: (profile: Profile) => ask<{ profile: Profile }>('PATCH', '/api/profile', profile),
    begin: (of: { name: string; unit: 'mm' | 'in'; kind: SpaceKind; household?: string }) =>
        ask<{ data: ProjectLine }>('POST', '/api/projects/new', of),
    thingStart: (id: string, kind: ThingKind, space: string) =>
        ask<{ id: string; ops: Operation[] }>('GET', `${project(id)}/thing-starts/${kind}?space=${space}`),
    pieceStarts: () => ask<Record<string, PieceStart>>('GET', '/api/piece-starts'),
    pieceStart: (id: string, starter: string, space: string) =>
        ask<{ ops: Operation[] }>('GET', `${project(id)}/piece-starts/${starter}?space=${space}`),
    carryIn: (id: string, piece: string) => ask<CarriedBox[]>('GET', `${project(id)}/carry-in/${piece}`),
    schools: (id: string, piece: string) => ask<School[]>('GET', `${project(id)}/schools/${piece}`),
    spaceStart: (id: string, kind: SpaceKind, name: string) =>
        ask<{ space: string; ops: Operation[] }>('GET', `${project(id)}/space-starts/${kind}?name=${encodeURIComponent(name)}`),
    keepPhoto: (id: string, photo: string, blob: Blob) =>
        ask<{ id: string; width: number; height: number }>('PUT', `${project(id)}/photos/${photo}`, blob, 'image/jpeg'),
    change: (id: string, change: Change) => ask<Changed>('POST', `${project(id)}/changes`, change),
    search: (id: string) => ask<LayoutSearch>('POST', `${project(id)}/layout-searches`),
    bringReadings: (id: string, space: string, text: string, columns: Readonly<Record<string, number>>) =>
        ask<FoundReadings>('POST', `${project(id)}/bring-in/readings`, {
            space,
            text,
            ...(Object.keys(columns).length ? { columns } : {}),
        }),
    bringBoards: (id: string, text: string, columns: Readonly<Record<string, number>>) =>
        ask<FoundBoards>('POST', `${project(id)}/bring-in/boards`, { text, ...(Object.keys(columns).length ? { columns } : {}) }),
    bringOutlines: (id: string, text: string, unit: string) =>
        ask<{ outlines: FoundOutline[] }>('POST', `${project(id)}/bring-in/outlines`, { text, unit }),
    links: (id: string) => ask<{ data: SharedLink[] }>('GET', `${project(id)}/links`),
    makeLink: (id: string, label: string, days: number) => ask<{ url: string }>('POST', `${project(id)}/links`, { label, days }),
    callOffLink: (id: string, link: string) => ask<void>('DELETE', `${project(id)}/links/${link}`),
    look: (token: string) => ask<Look>('GET', `/api/look/${token}`),
    revisions: (id: string, newest?: number) =>
        ask<{ data: RevisionLine[] }>('GET', `${project(id)}/revisions${newest ? `?newest=${newest}` : ''}`),
    compare: (id: string, from: number, to: number) => ask<Compared>('GET', `${project(id)}/revisions/${from}/compare/${to}`),
    backTo: (id: string, number: number) => ask<{ ops: Operation[] }>('GET', `${project(id)}/revisions/${number}`),
    nameRevision: (id: string, number: number, name: string) => ask<void>('PATCH', `${project(id)}/revisions/${number}`, { name }),
    replan: (id: string, instead: Readonly<Record<string, Readonly<Record<string, string>>>>) =>
        ask<Replan>('POST', `${project(id)}/replan`, { instead }),
    otherSide: (id: string) => ask<{ data: ProjectLine }>('POST', `${project(id)}/other-side`),
    searched: (id: string, search: string) => ask<LayoutSearch>('GET', `${project(id)}/layout-searches/${search}`),
    rack: (id: string) => ask<{ pieces: RackPiece[] }>('GET', `/api/projects/${id}/rack`),
    fillRack: (id: string) => ask<{ put: number }>('POST', `/api/projects/${id}/rack`),
    takeFromRack: (id: string, piece: string, taken: boolean) =>
        ask<{ taken: boolean }>('PATCH', `/api/projects/${id}/rack/${piece}`, { taken }),
    clearFromRack: (id: string, piece: string) => ask<void>('DELETE', `/api/projects/${id}/rack/${piece}`),
    library: (id: string) => ask<{ shipped: LibraryEntry[]; own: LibraryEntry[] }>('GET', `${project(id)}/library`),
    addToLibrary: (id: string, entry: Partial<LibraryEntry>) => ask<{ kept: number }>('POST', `${project(id)}/library`, entry),
    takeFromLibrary: (id: string, entry: string) => ask<void>('DELETE', `${project(id)}/library/${entry}`),
    bringLibrary: (id: string, csv: string) => ask<{ kept: number }>('POST', `${project(id)}/library.csv`, csv, 'text/csv'),
    place: (id: string, where: { material: string; part: string; sheet: number; x: number; y: number; turned: boolean; locked: boolean }) =>
        ask<{ layout: Layout }>('POST', `/api/projects/${id}/places`, where),
    callOff: (id: string, search: string) => ask<LayoutSearch>('DELETE', `${project(id)}/layout-searches/${search}`),
};
