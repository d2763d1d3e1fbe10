import type { Text } from '../measure/words';
import { say } from '../measure/say';

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
        throw new Unreachable(say('The server cannot be reached; what you entered is kept here and sent again.'));
    }
}

export async function ask<T>(method: string, path: string, body?: unknown, raw?: string | true): Promise<T> {
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
    if (!response.ok) throw new Refused(answer.message ?? say('The server gave no reason.'), response.status, answer);
    return answer as T;
}
