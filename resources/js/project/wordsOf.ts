import type { Operation } from '../api/client';
import type { ProjectDocument } from '../api/document';

/** An edit in a few words: the nearest thing with a name that it is of, its field, and the value where that is one word or number. */
export function wordsOf(op: Operation, document: ProjectDocument): string {
    let at: unknown = document;
    let name = '';
    for (const key of op.path) {
        at = (at as Record<string, unknown> | null | undefined)?.[key];
        const named = (at as { name?: unknown } | null | undefined)?.name;
        if (typeof named === 'string') name = named;
    }
    const fields = op.path.filter((key) => !/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/i.test(key)).map((key) => key.replaceAll('_', ' '));
    const field = (name ? fields.slice(1) : fields).join(', ');
    const typed = (op.value as { typed?: unknown } | null)?.typed ?? op.value;
    const value = ['string', 'number'].includes(typeof typed) ? String(typed) : '';
    return [name, field, value].filter(Boolean).join(' · ');
}
