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

class Sound {
    static all: Sound[] = [];
    closed = false;
    currentTime = 5;
    destination = 'out';
    tones: { hertz: number; to: unknown; began: boolean; until: number }[] = [];
    constructor() {
        Sound.all.push(this);
    }
    createOscillator(): object {
        const tone = { hertz: 0, to: null as unknown, began: false, until: 0 };
        this.tones.push(tone);
        return {
            frequency: {
                set value(hertz: number) {
                    tone.hertz = hertz;
                },
            },
            connect: (to: unknown) => (tone.to = to),
            start: () => (tone.began = true),
            stop: (at: number) => (tone.until = at),
        };
    }
    close(): Promise<void> {
        this.closed = true;
        return Promise.resolve();
    }
}

it('sounds, shakes and keeps the screen awake, until it is stopped', async () => {
    vi.useFakeTimers();
    Sound.all = [];
    const release = vi.fn(() => Promise.resolve());
    const request = vi.fn(() => Promise.resolve({ release }));
    const vibrate = vi.fn();
    vi.stubGlobal('AudioContext', Sound);
    vi.stubGlobal('navigator', { vibrate, userActivation: { hasBeenActive: true }, wakeLock: { request } });
    const timer = new Reshake(10);
    expect([timer.running, timer.left, timer.rings]).toEqual([false, 0, 0]);
    timer.start();
    await vi.advanceTimersByTimeAsync(0);
    expect([timer.running, timer.left, request.mock.calls]).toEqual([true, 10, [['screen']]]);
    vi.advanceTimersByTime(10_000);
    expect(vibrate.mock.calls).toEqual([[[300, 150, 300]]]);
    expect(Sound.all.map((one) => one.tones)).toEqual([[{ hertz: 880, to: 'out', began: true, until: 5.6 }]]);
    expect(timer.left).toBe(10);
    timer.stop();
    expect([release.mock.calls.length, Sound.all[0]?.closed, timer.running]).toEqual([1, true, false]);
    // Stopped once, it has nothing left to let go of.
    timer.stop();
    expect(release).toHaveBeenCalledTimes(1);
});

it('is silent on a page that nobody touched, and where nothing can sound', () => {
    vi.useFakeTimers();
    Sound.all = [];
    const vibrate = vi.fn();
    vi.stubGlobal('AudioContext', Sound);
    vi.stubGlobal('navigator', { vibrate, userActivation: { hasBeenActive: false } });
    const timer = new Reshake(10);
    timer.start();
    vi.advanceTimersByTime(10_000);
    expect([timer.rings, vibrate.mock.calls.length, Sound.all.length]).toEqual([1, 0, 0]);
    timer.stop();
    vi.stubGlobal('navigator', {});
    vi.stubGlobal('AudioContext', undefined);
    const bare = new Reshake(10);
    bare.start();
    vi.advanceTimersByTime(10_000);
    expect(bare.rings).toBe(1);
    bare.stop();
});

it('makes its sound when it is first needed where the page was touched only after the start', () => {
    vi.useFakeTimers();
    Sound.all = [];
    const touched = { hasBeenActive: false };
    vi.stubGlobal('AudioContext', Sound);
    vi.stubGlobal('navigator', { userActivation: touched, wakeLock: { request: () => Promise.reject(new Error('no')) } });
    const timer = new Reshake(10);
    timer.start();
    touched.hasBeenActive = true;
    vi.advanceTimersByTime(20_000);
    expect(Sound.all.map((one) => one.tones.length)).toEqual([2]);
    timer.stop();
});

it('wakes up late and rings once, and starts anew from now', () => {
    vi.useFakeTimers();
    vi.stubGlobal('navigator', {});
    let now = 0;
    const timer = new Reshake(30, () => now);
    timer.start();
    now = 29_999;
    timer.tick();
    expect([timer.rings, timer.left]).toEqual([0, 1]);
    now = 300_000;
    timer.tick();
    expect([timer.rings, timer.left]).toEqual([1, 30]);
    now = 305_500;
    timer.tick();
    expect(timer.left).toBe(25);
    timer.start();
    expect([timer.rings, timer.left, timer.running]).toEqual([1, 30, true]);
    now = 335_000;
    timer.tick();
    expect(timer.rings).toBe(1);
    timer.stop();
});
