/** What a reader's language calls what is written in English here; put into the page by the server where it is another one. */
const spoken = read();

function read(): Readonly<Record<string, string>> {
    const words = typeof document === 'undefined' ? null : document.querySelector('#words');
    return words?.textContent ? (JSON.parse(words.textContent) as Record<string, string>) : {};
}

/** A text of the interface in the reader's language; `{0}`, `{1}` stand for the values. Texts of a language that lacks them stay English. */
export function say(text: string, ...values: unknown[]): string {
    return fill(spoken[text] ?? text, values);
}

/** A key of the catalogue in the reader's language, where it has it. */
export const spokenKey = (key: string): string | undefined => spoken[key];

export const fill = (text: string, values: unknown[]): string =>
    values.length === 0 ? text : text.replace(/\{(\d)\}/g, (_, at: string) => String(values[Number(at)] ?? ''));
