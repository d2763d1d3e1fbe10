import type { SomeMethods } from '../../api/document';
import { word } from '../../measure/words';

const choices: Readonly<Record<keyof SomeMethods, readonly string[]>> = {
    front: ['banded', 'face_frame'],
    top: ['between', 'capping', 'rails'],
    bottom: ['between', 'under'],
    joint: ['pocket_screws', 'screws', 'dowels', 'dado'],
    shelves: ['pins', 'fixed', 'cleats', 'standards', 'slats'],
    back: ['none', 'applied', 'captured'],
    slope_top: ['raking', 'open'],
    glue: [],
};

/** The ways of building that a method may take, in words. */
export const methodChoices = (key: keyof SomeMethods): { value: string; label: string }[] =>
    choices[key].map((value) => ({ value, label: word(key === 'bottom' && value === 'between' ? 'choice.between' : `choice.${value}`) }));
