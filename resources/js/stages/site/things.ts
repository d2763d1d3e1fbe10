import type { Thing } from '../../api/document';

export { word } from '../../measure/words';

type Size = 'across' | 'up' | 'width' | 'height' | 'out';

/** What a thing's numbers are called on the surface it sits on. */
export function thingFields(thing: Pick<Thing, 'face' | 'from_right'>): { key: Size; label: string }[] {
    const flat = thing.face === 'floor' || thing.face === 'ceiling';
    const side = thing.face === 'left' || thing.face === 'right';
    return [
        { key: 'across', label: side ? 'from the back' : thing.from_right ? 'from the right' : 'from the left' },
        { key: 'up', label: flat ? 'from the back' : 'above the floor' },
        { key: 'width', label: 'wide' },
        { key: 'height', label: flat ? 'deep' : 'high' },
        { key: 'out', label: flat && thing.face === 'ceiling' ? 'hangs down' : 'stands out' },
    ];
}
