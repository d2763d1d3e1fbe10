import { expect, it } from 'vitest';
import { ulid } from './ulid';

it('makes ids that the server accepts and that sort by time', () => {
    expect(ulid()).toMatch(/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/);
    expect(ulid(1_000) < ulid(2_000)).toBe(true);
    expect(ulid()).not.toBe(ulid());
});
