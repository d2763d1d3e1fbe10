import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { simulatedMeter } from './meter';

class FakeSource {
    static last: FakeSource;
    onerror: (() => void) | null = null;
    closed = false;
    private readonly heard = new Map<string, ((e: { data: string }) => void)[]>();

    constructor(readonly url: string) {
        FakeSource.last = this;
    }

    addEventListener(event: string, tell: (e: { data: string }) => void): void {
        this.heard.set(event, [...(this.heard.get(event) ?? []), tell]);
    }

    say(event: string, data: unknown): void {
        for (const tell of this.heard.get(event) ?? []) tell({ data: JSON.stringify(data) });
    }

    close(): void {
        this.closed = true;
    }
}

beforeEach(() => vi.stubGlobal('EventSource', FakeSource));
afterEach(() => vi.unstubAllGlobals());

const ears = () => ({ reading: vi.fn(), battery: vi.fn(), error: vi.fn(), disconnect: vi.fn() });

it('passes on what the meter says, and knows no more of it', () => {
    const on = ears();
    simulatedMeter.connect(on);
    FakeSource.last.say('battery', { percent: 80 });
    FakeSource.last.say('reading', { mm: 1043.4, at: '2026-11-24T10:00:00Z', quality: 0.9 });
    FakeSource.last.say('trouble', { code: 'no_signal' });
    expect(on.battery).toHaveBeenCalledWith(80);
    expect(on.reading).toHaveBeenCalledWith({ mm: 1043.4, at: '2026-11-24T10:00:00Z', quality: 0.9 });
    expect(on.error).toHaveBeenCalledWith('no_signal');
});

it.each(['goodbye', 'the line is cut'])('says once that the meter is gone: %s', (how) => {
    const on = ears();
    simulatedMeter.connect(on);
    if (how === 'goodbye') FakeSource.last.say('goodbye', {});
    else FakeSource.last.onerror?.();
    expect(on.disconnect).toHaveBeenCalledOnce();
    expect(FakeSource.last.closed).toBe(true);
});

it('lets go when asked to', () => {
    const letGo = simulatedMeter.connect(ears());
    letGo();
    expect(FakeSource.last.closed).toBe(true);
});
