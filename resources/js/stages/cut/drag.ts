import { type ComputedRef, type Ref, ref } from 'vue';
import type { MaterialPlan, Placement, Sheet } from '../../api/plan';
import { usePlace } from './place';

type Dragged = { part: Placement; fromX: number; fromY: number; dx: number; dy: number };

/** Dragging a part on a sheet drawn to a scale; where it is let go it is put, and locked there. */
export function useDrag(
    props: { material: MaterialPlan; sheet: Sheet; small?: boolean; number?: number },
    scale: ComputedRef<number>,
): {
    dragged: Ref<Dragged | null>;
    locked: (p: Placement) => boolean;
    grab: (p: Placement, e: PointerEvent) => void;
    drag: (e: PointerEvent) => void;
    drop: () => Promise<void>;
    shift: (p: Placement) => string | undefined;
} {
    /** How far, in mm. */
    const dragged = ref<Dragged | null>(null);
    const place = usePlace();
    const locked = (p: Placement): boolean => props.sheet.locked.includes(p.item);

    function grab(p: Placement, e: PointerEvent): void {
        if (props.small || props.number === undefined || e.button !== 0) return;
        (e.currentTarget as Element).setPointerCapture(e.pointerId);
        dragged.value = { part: p, fromX: e.clientX, fromY: e.clientY, dx: 0, dy: 0 };
    }
    function drag(e: PointerEvent): void {
        const d = dragged.value;
        if (d) dragged.value = { ...d, dx: (e.clientX - d.fromX) / scale.value, dy: (e.clientY - d.fromY) / scale.value };
    }
    async function drop(): Promise<void> {
        const d = dragged.value;
        if (!d) return;
        if (Math.hypot(d.dx, d.dy) * scale.value > 5) {
            const [x, y] = [d.part.x_mm + d.dx, d.part.y_mm + d.dy];
            await place(props.material.material, d.part, { sheet: props.number! - 1, x, y, turned: d.part.turned, locked: true });
        }
        dragged.value = null;
    }
    const shift = (p: Placement): string | undefined =>
        dragged.value?.part.label === p.label
            ? `translate(${dragged.value.dx * scale.value} ${dragged.value.dy * scale.value})`
            : undefined;

    return { dragged, locked, grab, drag, drop, shift };
}
