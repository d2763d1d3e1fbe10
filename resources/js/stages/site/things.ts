import type { Thing } from '../../api/document';
import { say } from '../../measure/say';

export { word } from '../../measure/words';

type Size = 'across' | 'up' | 'width' | 'height' | 'out';

/** What a thing's numbers are called on the surface it sits on. */
export function thingFields(thing: Pick<Thing, 'face' | 'from_right'>): { key: Size; label: string }[] {
    const flat = thing.face === 'floor' || thing.face === 'ceiling';
    const side = thing.face === 'left' || thing.face === 'right';
    return [
        { key: 'across', label: side ? say('from the back') : thing.from_right ? say('from the right') : say('from the left') },
        { key: 'up', label: flat ? say('from the back') : say('above the floor') },
        { key: 'width', label: say('wide') },
        { key: 'height', label: flat ? say('deep') : say('high') },
        { key: 'out', label: flat && thing.face === 'ceiling' ? say('hangs down') : say('stands out') },
    ];
}
