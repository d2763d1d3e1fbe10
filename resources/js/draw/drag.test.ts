import { expect, it } from 'vitest';
import { dragged } from './drag';

it('moves to the grid, up the page being up the wall', () => {
    expect(dragged(['across', 'up'], { x: 21, y: -9 }, 0.2, 'mm')).toEqual({ across: 105, up: 45 });
    expect(dragged(['across', 'up'], { x: 1.3, y: 0 }, 0.2, 'in')).toEqual({ across: 6.35 });
});

it('shrinks what is measured from the other side, and leaves alone what the view does not show', () => {
    expect(dragged(['-across', ''], { x: 10, y: 400 }, 1, 'mm')).toEqual({ across: -10 });
    expect(dragged(['', '-up'], { x: 10, y: 10 }, 1, 'mm')).toEqual({ up: 10 });
});

it('is no move when it ends where it began', () => {
    expect(dragged(['across', 'up'], { x: 0.2, y: 0.2 }, 0.2, 'mm')).toBeNull();
});
