import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import { newDevice, outboxOn, reloaded } from '../../tests/outbox';
import { answer } from '../../tests/page';
import { batch, firstScoop } from '../../tests/tally';
import { Tally } from './tally.svelte';

afterEach(() => vi.unstubAllGlobals());

it('opens at the first load that is not through, and draws the level as far as the ticks say', async () => {
    vi.stubGlobal('fetch', async () => answer(200, { id: 11, words: '1 tbsp', eachMl: 14.8, count: 2, ticked: [1, 2], again: [] }));
    const tally = new Tally(batch(), outboxOn(newDevice()));
    expect([tally.load, tally.ticked, tally.planned, tally.level]).toEqual([1, 1, 2, 0]);
    tally.tickNext();
    expect([tally.currentIn(1), tally.level]).toEqual([2, 500]);
    tally.tick(firstScoop(tally), 2, true);
    expect([tally.ticked, tally.level, tally.currentIn(1)]).toEqual([2, 530, 3]);
    tally.tickNext();
    expect([tally.level, tally.currentIn(1)]).toEqual([1000, null]);
    await tally.settled();
    expect(tally.fault).toBeNull();
});

it('takes a tick back that was not saved, and says so', async () => {
    vi.stubGlobal('fetch', async () => answer(409, { error: { path: '', message: 'This batch is finished.' } }));
    const tally = new Tally(batch(), outboxOn(newDevice()));
    tally.tick(firstScoop(tally), 2, true);
    await tally.settled();
    expect(tally.ticked).toBe(1);
    expect(tally.fault?.message).toContain('This batch is finished.');
});

it('ticks the rest in one go, each spoonful once', async () => {
    const sent: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(new URL(request.url).pathname);
        return answer(200, { id: 0, words: '', eachMl: 0, count: 2, ticked: [1, 2], again: [] });
    });
    const tally = new Tally(batch(), outboxOn(newDevice()));
    await tally.tickRest();
    expect(tally.ticked).toBe(2);
    expect(new Set(sent).size).toBe(1);
});

it('loses no tick while nothing answers: it stays, survives a reload, and is sent until it is taken', async () => {
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    const device = newDevice();
    const outbox = outboxOn(device);
    const tally = new Tally(batch(), outbox);
    tally.tick(firstScoop(tally), 2, true);
    await tally.settled();
    expect(tally.ticked).toBe(2);
    // That it waits is said above all screens, and is no fault of this one.
    expect([tally.fault, outbox.down, outbox.waiting.length]).toEqual([null, true, 1]);

    // The page is loaded again while the server still knows one tick only.
    const sent: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(new URL(request.url).pathname);
        return answer(200, { id: 11, words: '1 tbsp', eachMl: 14.8, count: 2, ticked: [1, 2], again: [] });
    });
    const later = await reloaded(device, outbox);
    const again = new Tally(batch(), later);
    expect(again.ticked).toBe(2);
    await again.settled();
    expect(sent).toEqual(['/api/batches/key-3/scoops/11/ticks/2']);
    expect(again.fault).toBeNull();

    // Taken now: the next load of the page has nothing left to send.
    await new Tally(batch(), await reloaded(device, later)).settled();
    expect(sent).toHaveLength(1);
});

it('ticks the next spoonful in turn and takes the last tick back', async () => {
    vi.stubGlobal('fetch', async (request: Request) => {
        const { ticked } = (await request.json()) as { ticked: boolean; again: [] };
        return answer(200, { id: 11, words: '1 tbsp', eachMl: 14.8, count: 2, ticked: ticked ? [1, 2] : [1] });
    });
    const tally = new Tally(batch(), outboxOn(newDevice()));
    // The water first, then the spoonful that is missing, then the water on top.
    tally.tickNext();
    tally.tickNext();
    expect(firstScoop(tally).ticked).toEqual([1, 2]);
    tally.tickNext();
    expect(tally.isDone(1, 3)).toBe(true);
    tally.undo();
    expect([tally.isDone(1, 3), firstScoop(tally).ticked]).toEqual([false, [1, 2]]);
    tally.undo();
    expect([tally.isDone(1, 1), firstScoop(tally).ticked]).toEqual([true, [1]]);
    tally.undo();
    expect(tally.isDone(1, 1)).toBe(false);
    await tally.settled();
    expect(tally.ticked).toBe(1);
});

it('shows what another device ticked, and keeps what is ticked here on top of it', async () => {
    vi.useFakeTimers();
    vi.stubGlobal('document', { visibilityState: 'visible', addEventListener: vi.fn(), removeEventListener: vi.fn() });
    vi.stubGlobal('addEventListener', vi.fn());
    vi.stubGlobal('removeEventListener', vi.fn());
    const there = batch();
    const other = there.items[1]?.scoops[0];
    expect(other).toBeDefined();
    other?.ticked.push(2);
    vi.stubGlobal('fetch', async () => answer(200, there));
    const tally = new Tally(batch(), outboxOn(newDevice()));
    const stop = tally.watch();
    await vi.advanceTimersByTimeAsync(5000);
    await tally.settled();
    expect(tally.items[1]?.scoops[0]?.ticked).toEqual([2]);
    stop();
    vi.useRealTimers();
});

it('keeps the ticks of two tabs, and sends each once', async () => {
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    const device = newDevice();
    const [here, there] = [outboxOn(device), outboxOn(device)];
    await Promise.all([here.ready, there.ready]);
    const one = new Tally(batch(), here);
    const other = new Tally(batch(), there);
    one.tick(firstScoop(one), 2, true);
    other.load = 2;
    other.tick(firstScoop(other), 1, true);
    await Promise.all([one.settled(), other.settled()]);
    await here.written();
    const third = new Tally(batch(), await reloaded(device, there));
    expect(third.ticked).toBe(3);
    await third.settled();

    const sent: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(new URL(request.url).pathname);
        return answer(200, { id: 0, words: '', eachMl: 0, count: 2, ticked: [1, 2], again: [] });
    });
    await third.settled();
    await one.settled();
    await other.settled();
    expect([...new Set(sent)].sort()).toEqual(['/api/batches/key-3/scoops/11/ticks/2', '/api/batches/key-3/scoops/12/ticks/1']);
});

it('keeps a tick where storage is shut, as long as the page stands', async () => {
    vi.stubGlobal('indexedDB', undefined);
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    const tally = new Tally(batch(), outboxOn(newDevice()));
    tally.tick(firstScoop(tally), 2, true);
    await tally.settled();
    expect(tally.ticked).toBe(2);
    const sent: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(request.method);
        return answer(200, { id: 11, words: '', eachMl: 0, count: 2, ticked: [1, 2], again: [] });
    });
    await tally.settled();
    expect(sent).toEqual(['PUT']);
});

it('keeps a ticked step while nothing answers, and sends it to its own address', async () => {
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    const device = newDevice();
    const outbox = outboxOn(device);
    const tally = new Tally(batch(), outbox);
    tally.tickStep(2, 3, true);
    await tally.settled();
    const sent: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(`${new URL(request.url).pathname} ${await request.text()}`);
        return answer(200, { ticked: [{ load: 2, number: 3 }], again: [] });
    });
    const again = new Tally(batch(), await reloaded(device, outbox));
    expect(again.isDone(2, 3)).toBe(true);
    await again.settled();
    expect(sent).toEqual(['/api/batches/key-3/loads/2/steps/3 {"ticked":true}']);
});

it('puts in all of a step at once, and no spoonful twice', () => {
    vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
    const tally = new Tally(batch(), outboxOn(newDevice()));
    const item = tally.items[0];
    if (item !== undefined) {
        tally.tickItem(item);
    }
    expect([tally.isDone(1, 2), firstScoop(tally).ticked]).toEqual([true, [1, 2]]);
});

it('has a thing in once all of its spoons are, of whatever kind', async () => {
    vi.stubGlobal('fetch', async () => answer(200, { id: 14, words: '1 tsp', eachMl: 4.93, count: 1, ticked: [1], again: [] }));
    const made = batch();
    const item = made.items[0];
    if (item === undefined) {
        throw new Error('There is nothing in the batch.');
    }
    item.scoops = [
        { id: 13, words: '1 tbsp', eachMl: 14.8, count: 1, ticked: [1], again: [] },
        { id: 14, words: '1 tsp', eachMl: 4.93, count: 1, ticked: [], again: [] },
    ];
    const tally = new Tally(made, outboxOn(newDevice()));
    tally.tickNext();
    expect(tally.currentIn(1)).toBe(2);
    tally.tickNext();
    expect(tally.currentIn(1)).toBe(3);
    await tally.settled();
});
