import { onBeforeUnmount, type Ref, ref } from 'vue';

/** Moves a share from 0 to 1 in so many seconds; in tenths, a press each, for who wants things still. */
export function usePlay(seconds: number): {
    share: Ref<number>;
    playing: Ref<boolean>;
    play: () => void;
    stop: () => void;
    lead: (to: number) => void;
} {
    const share = ref(0);
    const playing = ref(false);
    let frame = 0;

    function stop(): void {
        playing.value = false;
        cancelAnimationFrame(frame);
    }
    function play(): void {
        if (playing.value) return stop();
        if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) {
            share.value = share.value >= 1 ? 0 : Math.min(1, share.value + 0.1);
            return;
        }
        playing.value = true;
        if (share.value >= 1) share.value = 0;
        let before = performance.now();
        const step = (now: number): void => {
            share.value = Math.min(1, share.value + (now - before) / (seconds * 1000));
            before = now;
            if (share.value >= 1) stop();
            else frame = requestAnimationFrame(step);
        };
        frame = requestAnimationFrame(step);
    }
    /** Led by hand it stays where the hand left it. */
    function lead(to: number): void {
        stop();
        share.value = to;
    }
    onBeforeUnmount(stop);
    return { share, playing, play, stop, lead };
}
