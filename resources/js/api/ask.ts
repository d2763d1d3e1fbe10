import type { Text } from '../measure/words';
import { say } from '../measure/say';
import { signInAgain } from './person';

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

async function reach(method: string, path: string, body: BodyInit | undefined, type: string, within?: number): Promise<Response> {
    try {
        const headers = { Accept: 'application/json', 'Content-Type': type, ...token() };
        const signal = within ? { signal: AbortSignal.timeout(within) } : {};
        return await fetch(path, { method, headers, ...signal, ...(body === undefined ? {} : { body }) });
    } catch {
        throw new Unreachable(say('The server cannot be reached; what you entered is kept here and sent again.'));
    }
}

/** A network that swallows what is sent is as good as none, after this long; a picture takes what it takes. */
const SWALLOWED_MS = 30000;

/** As `ask`, for what waits on this device anyway: a session that ended, and an answer that does not come, are told. */
export async function askNow<T>(method: string, path: string, body?: unknown, raw?: string | true): Promise<T> {
    return told<T>(await answerOf(method, path, body, raw, raw ? undefined : SWALLOWED_MS));
}

/** Where the session ended, the password is asked for over the page, and then it is asked again. */
export async function ask<T>(method: string, path: string, body?: unknown, raw?: string | true): Promise<T> {
    return told<T>(await answerInside(method, path, body, raw));
}

/** A file, with its name; `got` hears how much of it is here, and of how much where the server says so. */
export async function askFile(path: string, got: (bytes: number, of: number | null) => void): Promise<{ name: string; blob: Blob }> {
    const response = await answerInside('GET', path, undefined, undefined);
    if (!response.ok) await told(response);
    const length = response.headers.get('Content-Encoding') ? null : Number(response.headers.get('Content-Length')) || null;
    const chunks: Uint8Array<ArrayBuffer>[] = [];
    const reader = response.body!.getReader();
    try {
        for (let bytes = 0, read = await reader.read(); !read.done; read = await reader.read()) {
            chunks.push(read.value);
            got((bytes += read.value.length), length);
        }
    } catch {
        throw new Unreachable(say('The server went away before all of it was here.'));
    }
    const type = response.headers.get('Content-Type') ?? 'application/octet-stream';
    return { name: nameOf(response.headers.get('Content-Disposition') ?? '', path), blob: new Blob(chunks, { type }) };
}

/** The name a file was sent under (RFC 6266: the one in UTF-8 before the plain one), else the last part of its address. */
export function nameOf(disposition: string, path: string): string {
    const utf8 = /filename\*=(?:UTF-8|utf-8)''([^;]+)/.exec(disposition)?.[1];
    if (utf8) return decodeURIComponent(utf8);
    const plain = /filename="?([^";]+)"?/.exec(disposition)?.[1];
    return plain ?? path.replace(/\?.*/, '').split('/').at(-1)!;
}

async function answerInside(method: string, path: string, body: unknown, raw: string | true | undefined): Promise<Response> {
    const response = await answerOf(method, path, body, raw);
    return response.status === 401 && (await signInAgain()) ? answerOf(method, path, body, raw) : response;
}

async function answerOf(method: string, path: string, body: unknown, raw: string | true | undefined, within?: number): Promise<Response> {
    const sent = body === undefined ? undefined : raw ? (body as BodyInit) : JSON.stringify(body);
    const type = typeof raw === 'string' ? raw : 'application/json';
    const response = await reach(method, path, sent, type, within);
    if (response.status !== 419) return response;
    // The session was renewed since the page came: any answer brings the new token.
    await reach('GET', '/api/session', undefined, type);
    return reach(method, path, sent, type, within);
}

async function told<T>(response: Response): Promise<T> {
    if (response.status === 204) return undefined as T;
    const answer = (await response.json().catch(() => ({}))) as RefusalBody;
    if (!response.ok) throw new Refused(answer.message ?? say('The server gave no reason.'), response.status, answer);
    return answer as T;
}
