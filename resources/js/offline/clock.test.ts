import { expect, it } from 'vitest';
import { DeviceClock } from './clock';

const NOON = Date.UTC(2026, 5, 1, 12);
const DAY = 86_400_000;
const heard = (date: number): Response => new Response(null, { headers: { Date: new Date(date).toUTCString() } });

it('knows how far it is ahead as long as nobody sets it, and says nothing before it was told', () => {
    let now = NOON + DAY;
    let running = 0;
    const clock = new DeviceClock(
        () => now,
        () => running,
    );
    expect(clock.known).toBeNull();
    clock.hear(heard(NOON));
    now += 3_600_000;
    running += 3_600_000;
    expect([clock.known, clock.instant]).toEqual([{ ahead: 86_400, drift: 0 }, '2026-06-02T13:00:00.000Z']);
    // Set back to the right hour, without a word from anybody.
    now -= DAY;
    expect(clock.known).toEqual({ ahead: 86_400, drift: -86_400 });
});

it('tells sleep as it tells a clock that was set: which of the two it is, nobody knows', () => {
    let now = NOON;
    const clock = new DeviceClock(
        () => now,
        () => 0,
    );
    clock.hear(heard(NOON));
    now += 3_600_000;
    expect(clock.known).toEqual({ ahead: 0, drift: 3600 });
    clock.hear(new Response(null));
    expect(clock.known).toEqual({ ahead: 0, drift: 3600 });
});
