import { say } from './say';

/** What a reader calls the codes of a document or plan that have no sentence of their own in the catalogue. */
const names: Readonly<Record<string, string>> = {
    left: say('left'),
    right: say('right'),
    back: say('back'),
    front: say('front'),
    rear: say('rear'),
    top: say('top'),
    bottom: say('bottom'),
    depth: say('depth'),
    height: say('height'),
    width: say('width'),
    length: say('length'),
    thickness: say('thickness'),
    stop: say('stop'),
    look: say('look'),
    note: say('note'),
    owner: say('owner'),
    maker: say('maker'),
    viewer: say('viewer'),
};

export const called = (code: string): string => names[code] ?? code;
