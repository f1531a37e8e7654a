import { afterEach, expect, it, vi } from 'vitest';
import { Reshake } from './reshake.svelte';

afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
});

it('rings at its interval by the clock, and stops when told', () => {
    vi.useFakeTimers();
    const vibrate = vi.fn();
    vi.stubGlobal('navigator', { vibrate });
    const timer = new Reshake(30);
    timer.start();
    vi.advanceTimersByTime(29_000);
    expect([timer.rings, timer.left]).toEqual([0, 1]);
    vi.advanceTimersByTime(1_000);
    expect([timer.rings, vibrate.mock.calls.length]).toEqual([1, 1]);
    vi.advanceTimersByTime(60_500);
    expect(timer.rings).toBe(3);
    timer.stop();
    vi.advanceTimersByTime(120_000);
    expect([timer.rings, timer.running]).toEqual([3, false]);
});
