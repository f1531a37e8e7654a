import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { newDevice, outboxOn } from '../../tests/outbox';
import { answer } from '../../tests/page';
import { batch, firstScoop } from '../../tests/tally';
import { Tally } from './tally.svelte';

afterEach(() => vi.unstubAllGlobals());

it('opens at the last load where all are through, and has no level, no step and nothing to tick there', () => {
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    const through = { ...batch(), steps: [1, 2].map((load) => ({ load, number: 3 })) } as Schemas['Batch'];
    const tally = new Tally(through, outboxOn(newDevice()));
    expect([tally.load, tally.loads, tally.currentIn(1), tally.currentIn(2), tally.level]).toEqual([2, 2, null, null, 1000]);
    tally.tickNext();
    expect(tally.ticked).toBe(1);
    expect([tally.tasksOf(9), tally.isDone(9, 1), tally.isDone(1, 9), tally.currentIn(9)]).toEqual([[], false, false, null]);
});

it('draws no level before anything is in, and knows what a step is of', () => {
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    const bare = batch();
    const scoop = bare.items[0]?.scoops[0];
    if (scoop !== undefined) {
        scoop.ticked = [];
    }
    const tally = new Tally(bare, outboxOn(newDevice()));
    expect([tally.load, tally.level, tally.ticked, tally.planned, tally.shown.length, tally.tasks.length]).toEqual([1, 0, 0, 2, 1, 3]);
    const [water, oil] = tally.tasks;
    expect(water === undefined ? null : tally.itemOf(1, water)).toBeUndefined();
    expect(oil === undefined ? null : tally.itemOf(2, oil)?.id).toBe(2);
    // One of two spoonfuls is in: the step is not done.
    tally.tick(firstScoop(tally), 1, true);
    expect([tally.isDone(1, 2), tally.ticked, tally.level]).toEqual([false, 1, 0]);
    tally.tick(firstScoop(tally), 1, false);
    expect(tally.ticked).toBe(0);
    // Nobody took it back that was never ticked here.
    tally.undo();
    expect(tally.ticked).toBe(1 - 1);
});

it('takes back a step that was not saved, and keeps what was said of it since', async () => {
    vi.stubGlobal('fetch', async () => answer(409, { error: { path: '/x', message: 'Finished.' } }));
    const tally = new Tally(batch(), outboxOn(newDevice()));
    tally.tickStep(1, 1, true);
    expect(tally.isDone(1, 1)).toBe(true);
    await tally.settled();
    expect([tally.isDone(1, 1), tally.fault?.message, tally.fault?.path, tally.fault?.status]).toEqual([
        false,
        'That tick was not saved and was taken back: Finished.',
        '/x',
        409,
    ]);
    tally.tickStep(1, 1, true);
    tally.tickStep(1, 1, true);
    await tally.settled();
    expect(tally.batch.steps).toEqual([]);
});

it('shows what the server has of a spoonful where it did not take the tick, and nothing of it while a newer tap waits', async () => {
    let known = [2];
    let again = (): void => undefined;
    vi.stubGlobal('fetch', async () => {
        again();
        return answer(200, { id: 12, words: '', eachMl: 0, count: 2, ticked: known });
    });
    const tally = new Tally(batch(), outboxOn(newDevice()));
    tally.load = 2;
    tally.tick(firstScoop(tally), 1, true);
    await tally.settled();
    expect(firstScoop(tally).ticked).toEqual([2]);
    // What is as it was tapped stays as it is here; another device's tick comes with the next look.
    known = [1, 2];
    tally.tick(firstScoop(tally), 2, false);
    tally.tick(firstScoop(tally), 1, true);
    await tally.settled();
    expect(firstScoop(tally).ticked).toEqual([1, 2]);
    known = [];
    again = () => {
        again = () => undefined;
        tally.tick(firstScoop(tally), 1, true);
        known = [1];
    };
    tally.tick(firstScoop(tally), 1, false);
    await tally.settled();
    await tally.settled();
    expect(firstScoop(tally).ticked).toContain(1);
});

it('looks after other devices while it is seen: at once when it comes up, when the line is back, and in between', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval'] });
    const on: Record<string, () => void> = {};
    const off: string[] = [];
    const page = {
        visibilityState: 'hidden',
        addEventListener: (kind: string, look: () => void) => (on[kind] = look),
        removeEventListener: (kind: string) => off.push(kind),
    };
    vi.stubGlobal('document', page);
    vi.stubGlobal('addEventListener', page.addEventListener);
    vi.stubGlobal('removeEventListener', page.removeEventListener);
    const asked: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        asked.push(new URL(request.url).pathname);
        return answer(200, batch());
    });
    const tally = new Tally(batch(), outboxOn(newDevice()));
    const stop = tally.watch();
    vi.advanceTimersByTime(4000);
    await tally.settled();
    expect(asked).toEqual([]);
    page.visibilityState = 'visible';
    on['visibilitychange']?.();
    await tally.settled();
    on['online']?.();
    await tally.settled();
    vi.advanceTimersByTime(4000);
    await tally.settled();
    expect(asked).toEqual(Array(3).fill('/api/batches/3'));
    stop();
    vi.advanceTimersByTime(8000);
    await tally.settled();
    expect([asked.length, off.sort()]).toEqual([3, ['online', 'visibilitychange']]);
    vi.useRealTimers();
});
