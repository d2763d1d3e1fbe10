import type { Text } from '../measure/words';
import type { Layout, ProjectDocument, Space, Thing } from './document';
import type { Figure, MadePiece, Part, Plan, Totals } from './plan';

/** What the server is asked and what it answers, but for documents and plans, whose shapes come from their schemas. */
export type SpaceKind = Space['kind'];
export type ThingKind = Thing['kind'];

export interface Operation {
    readonly op: 'set' | 'add' | 'remove' | 'append' | 'strike' | 'restore';
    readonly path: readonly string[];
    readonly value?: unknown;
}

export interface Change {
    readonly change_id: string;
    readonly base_revision: number;
    readonly ops: readonly Operation[];
    /** One's own changes that were still on their way when this one was made. */
    readonly after?: readonly string[];
}

export interface ProjectLine {
    readonly id: string;
    readonly name: string;
    readonly household: string;
    readonly household_id: string;
    readonly revision: number;
    readonly updated_at: string;
    readonly may_change: boolean;
    readonly may_move: boolean;
    readonly archived: boolean;
    readonly deleted: boolean;
}

/** A link by which somebody without an account reads a project. */
export interface SharedLink {
    readonly id: string;
    readonly label: string;
    /** Who made it. */
    readonly by: string;
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
    /** The code of one of the session's languages. */
    readonly language?: string | null;
    /** What things cost, for new projects: packs and prices by the key of the shopping list. */
    readonly prices?: {
        readonly currency: string;
        readonly tax_percent?: number;
        readonly tax_included?: boolean;
        readonly shops: Record<string, string>;
        readonly lines: Record<string, { pack?: number; price_cents?: number; shop?: string; lead_days?: number }>;
    } | null;
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

/** One is signed in somewhere. */
export interface OpenSession {
    readonly id: string;
    readonly device: string;
    readonly from: string;
    readonly begun: string;
    readonly seen: string;
    readonly me: boolean;
}

export interface Session {
    readonly user: {
        id: string;
        name: string;
        profile: Profile;
        has_password: boolean;
        /** When a guest's copy of the demo house goes; null for who has an account. */
        guest_until: string | null;
        /** How many codes on paper are left where a second factor is on; null where it is off. */
        second: number | null;
    } | null;
    readonly demo: boolean;
    /** What each language calls itself, by its code. */
    readonly languages: Readonly<Record<string, string>>;
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

export type Verdict = 'goes' | 'goes_if' | 'not_known' | 'not_found' | 'cannot';

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
    /** Between which two stretches it would have to be turned, and cannot. */
    readonly turned: Text | null;
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
