import { onBeforeUnmount, ref, type Ref } from 'vue';
import { say } from '../measure/say';

/** What a distance meter says; the same whether it is simulated or real. */
export interface MeterReading {
    readonly mm: number;
    readonly at: string;
    /** 0…1: how much of its light came back. */
    readonly quality: number;
}

export interface MeterEvents {
    readonly reading: (reading: MeterReading) => void;
    readonly battery: (percent: number) => void;
    readonly error: (code: string) => void;
    readonly disconnect: () => void;
}

/** All that a page knows of a meter: it can be linked to, and let go. */
export interface MeterLink {
    connect: (on: MeterEvents) => () => void;
}

/** The simulated one, a process of its own beside the server. */
export const simulatedMeter: MeterLink = {
    connect(on) {
        const source = new EventSource('/meter/link');
        const hear = <T>(event: string, tell: (data: T) => void): void =>
            source.addEventListener(event, (e) => tell(JSON.parse((e as MessageEvent<string>).data) as T));
        hear<MeterReading>('reading', on.reading);
        hear<{ percent: number }>('battery', (b) => on.battery(b.percent));
        hear<{ code: string }>('trouble', (t) => on.error(t.code));
        source.addEventListener('goodbye', () => {
            source.close();
            on.disconnect();
        });
        source.onerror = () => {
            source.close();
            on.disconnect();
        };
        return () => source.close();
    },
};

const WEAK = 0.6;
const LOW_BATTERY = 15;
const troubles: Record<string, string> = {
    out_of_range: say('Out of the meter’s range.'),
    no_signal: say('The meter got no light back: aim square at the wall.'),
};

/** A link that a page can switch on and off; what it hears goes to `use`. */
export function useMeter(
    use: (reading: MeterReading) => void,
    link: MeterLink = simulatedMeter,
): {
    on: Ref<boolean>;
    battery: Ref<number | null>;
    says: Ref<string>;
    toggle: () => void;
} {
    const on = ref(false);
    const battery = ref<number | null>(null);
    const says = ref('');
    let letGo: (() => void) | null = null;

    function off(): void {
        letGo?.();
        letGo = null;
        on.value = false;
    }

    function toggle(): void {
        says.value = '';
        if (on.value) return off();
        on.value = true;
        letGo = link.connect({
            reading: (reading) => {
                says.value = reading.quality < WEAK ? say('Weak light: aim square at the wall and take it again.') : '';
                use(reading);
            },
            battery: (percent) => {
                battery.value = percent;
                if (percent < LOW_BATTERY) says.value = say('The meter’s battery is low ({0} %): it reads less finely.', percent);
            },
            error: (code) => (says.value = troubles[code] ?? say('The meter reports a fault.')),
            disconnect: () => {
                off();
                says.value = say('The meter is gone: switched off, empty or out of reach.');
            },
        });
    }

    onBeforeUnmount(off);
    return { on, battery, says, toggle };
}
