import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { collected } from './collect';

/** What there is to translate besides the core's sentences (resources/lang/en.json): texts of the interface, and of what the server prints and refuses. */
export function listed(root: string): { interface: string[]; server: string[] } {
    return { interface: collected(join(root, 'resources/js')), server: saidByServer(join(root, 'app')) };
}

function saidByServer(folder: string): string[] {
    const found = readdirSync(folder, { recursive: true, encoding: 'utf8' })
        .filter((name) => name.endsWith('.php'))
        .flatMap((name) => [
            ...readFileSync(join(folder, name), 'utf8').matchAll(/(?:Language|self)::say\(\s*('(?:[^'\\]|\\.)*'|"(?:[^"\\]|\\.)*")/g),
        ])
        .map(([, quoted]) => unquoted(quoted!));
    return [...new Set(found)].sort((a, b) => (a < b ? -1 : 1));
}

function unquoted(quoted: string): string {
    const text = quoted.slice(1, -1).replace(/\\(['"\\])/g, '$1');
    return quoted.startsWith('"') ? text.replaceAll('\\n', '\n') : text;
}
