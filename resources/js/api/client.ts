import type {
    CarriedBox,
    Change,
    Changed,
    Compared,
    FoundBoards,
    FoundOutline,
    FoundReadings,
    Household,
    LayoutSearch,
    LibraryEntry,
    Look,
    OpenSession,
    Operation,
    PieceStart,
    Profile,
    ProjectLine,
    RackPiece,
    Replan,
    RevisionLine,
    Role,
    School,
    Session,
    SharedLink,
    SpaceKind,
    ThingKind,
    Which,
} from './answers';
import { ask, askNow } from './ask';
import { opened, project, whoIsIn } from './early';
import type { Layout } from './document';
import { known } from './person';

export type * from './answers';
export { askFile, Refused, Unreachable, type ConflictRow, type RefusalBody } from './ask';
export { askEarly } from './early';

export const api = {
    session: whoIsIn,
    signIn: (email: string, password: string) => ask<Session | { second: true }>('POST', '/api/sign-in', { email, password }).then(known),
    signInCode: (code: string) => ask<Session>('POST', '/api/sign-in/code', { code }).then(known),
    sessions: () => ask<{ data: OpenSession[] }>('GET', '/api/account/sessions'),
    /** One of them, or all but this one. */
    endSession: (id?: string) => ask<void>('DELETE', `/api/account/sessions${id ? `/${id}` : ''}`),
    beginSecond: (password: string) => ask<{ secret: string; rows: string[] }>('POST', '/api/account/second', { password }),
    confirmSecond: (code: string) => ask<{ codes: string[] }>('PUT', '/api/account/second', { code }),
    turnSecondOff: (password: string) => ask<void>('DELETE', '/api/account/second', { password }),
    signUp: (of: { name: string; email: string; password: string; household: string }) =>
        ask<Session | { letter: true }>('POST', '/api/account', of).then(known),
    openSignUp: (token: string) => ask<Session>('POST', '/api/account/begin', { token }).then(known),
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
    moveProject: (id: string, household: string) => ask<{ data: ProjectLine }>('PUT', `${project(id)}/household`, { household }),
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
    /** What the outbox sends does not wait at the server's door for a password. */
    sendPhoto: (id: string, photo: string, blob: Blob) =>
        askNow<{ id: string; width: number; height: number }>('PUT', `${project(id)}/photos/${photo}`, blob, 'image/jpeg'),
    change: (id: string, change: Change) => askNow<Changed>('POST', `${project(id)}/changes`, change),
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
