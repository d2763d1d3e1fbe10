import { test } from 'vitest';
import { files, parts, unsaid } from './collect';
import { writeFileSync } from 'node:fs';
test('x', () => {
    writeFileSync('/tmp/unsaid.txt', files('resources/js').flatMap((f) => unsaid(parts(f).script).map((t) => f.slice(13) + ': ' + t)).join('\n'));
});
