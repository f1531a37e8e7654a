import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { newDevice, outboxOn } from '../../tests/outbox';
import { Tally } from './tally.svelte';
import { Walk } from './walk.svelte';

function tally(mixed = 0): Tally {
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    vi.stubGlobal('scrollTo', () => undefined);
    const task = (code: string): object => ({ code, item: null, text: code, level_mL: 0 });
    const tasks = [task('protect'), task('water'), task('shake')];
    const all = [...tasks, task('wash-sprayer')];
    const batch = {
        id: 1,
        bottle: { loads: 2, mixed },
        mixingSteps: [3, 3],
        plan: { loads: [{ tasks: all }, { tasks: all }] },
        items: [],
        steps: [],
    } as unknown as Schemas['Batch'];
    return new Tally(batch, outboxOn(newDevice()));
}

afterEach(() => vi.unstubAllGlobals());

it('goes step by step through one load, and ends with saving: it is sprayed before the next is mixed', () => {
    const through = tally();
    const walk = new Walk(through);
    const seen: string[] = [];
    for (let i = 0; i < 3; i++) {
        seen.push(`${through.load}.${walk.number} then ${walk.then}`);
        through.tickStep(through.load, walk.number, true);
        walk.on();
    }
    expect(seen).toEqual(['1.1 then water', '1.2 then shake', '1.3 then Save the batch.']);
    expect(walk.finishing).toBe(true);
    // Once that is saved, the next load is what is mixed; washing up is no part of it.
    const second = new Walk(tally(1));
    expect([second.number, second.then, second.finishing]).toEqual([1, 'water', false]);
});

it('looks back without taking a tick back, and comes on to where the ticks are', () => {
    const through = tally();
    const walk = new Walk(through);
    through.tickStep(1, 1, true);
    expect([walk.number, walk.canGoBack]).toEqual([2, true]);
    walk.back();
    expect([walk.number, through.isDone(1, 1), walk.canGoBack]).toEqual([1, true, false]);
    walk.on();
    expect(walk.number).toBe(2);
    walk.to(3);
    expect([walk.number, walk.finishing]).toEqual([3, false]);
});

it('takes a later tick to mean that what stood before it was done', () => {
    const through = tally();
    through.tickStep(1, 2, true);
    expect(new Walk(through).number).toBe(3);
});

it('goes where it is sent, and to the load that is asked for', () => {
    const through = tally();
    const walk = new Walk(through);
    const scrolled: unknown[] = [];
    vi.stubGlobal('scrollTo', (to: unknown) => scrolled.push(to));
    walk.to(3);
    expect([walk.number, walk.then, walk.canGoBack, scrolled]).toEqual([3, 'Save the batch.', true, [{ top: 0 }]]);
    walk.back();
    walk.back();
    walk.back();
    expect([walk.number, walk.canGoBack]).toEqual([1, false]);
    walk.toLoad(2);
    expect([through.load, walk.number, walk.then]).toEqual([2, 1, 'water']);
    through.tickStep(2, 3, true);
    // This load is through, whatever the one before it is: both stand in a bucket.
    expect([walk.finishing, walk.number, walk.then]).toEqual([true, 3, 'Save the batch.']);
});

it('ends where a load is through, and looks back from there at the last step', () => {
    const through = tally();
    const walk = new Walk(through);
    through.tickStep(1, 3, true);
    walk.on();
    expect([walk.finishing, through.load, walk.number]).toEqual([true, 1, 3]);
    walk.back();
    expect([walk.finishing, walk.number]).toEqual([false, 3]);
    walk.back();
    expect(walk.number).toBe(2);
});
