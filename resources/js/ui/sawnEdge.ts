import { say } from '../measure/say';

/** The edge that lies against the fence or is measured from, as one stands before the sheet. */
export const sawnEdge = (cut: { axis: 'x' | 'y'; from_far: boolean }): string =>
    cut.axis === 'x' ? (cut.from_far ? say('right end') : say('left end')) : cut.from_far ? say('lower edge') : say('upper edge');
