import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { count, newDevice, noLine, outboxOn, reloaded, tick } from '../tests/outbox';
import { answer, server } from '../tests/page';

beforeEach(noLine);
afterEach(() => {
    vi.unstubAllGlobals();
    vi.useRealTimers();
});

it('goes on behind a refusal whose answer is no object, and says what can be said of it', async () => {
    const outbox = outboxOn(newDevice());
    for (const body of [null, 'no', 7, [], { error: null }, { error: { path: '/value' } }]) {
        outbox.put(count(1));
        outbox.put(count(2));
        server((asked) => ((asked.body as { value: number }).value === 1 ? answer(422, body) : answer(200, {})));
        await outbox.drain();
        expect(outbox.waiting).toEqual([]);
        expect(outbox.entries.at(-1)?.refused).toEqual({
            path: body !== null && typeof body === 'object' && 'error' in body && body.error !== null ? '/value' : '',
            message: 'The answer could not be read (status 422).',
            status: 422,
            conflict: null,
        });
    }
    server(() => new Response('<html>', { status: 404 }));
    outbox.put(count(3));
    await outbox.drain();
    expect(outbox.entries.at(-1)?.refused?.message).toBe('The answer could not be read (status 404).');
});

it('sends what was refused in another form, in its place, and loses neither on the way', async () => {
    const device = newDevice();
    const outbox = outboxOn(device);
    server(() => answer(422, { error: { path: '', message: 'No.' } }));
    outbox.put(count(1));
    await outbox.drain();
    const [refused] = outbox.entries;
    const writes: [readonly number[], number | undefined][] = [];
    const real = device.replace.bind(device);
    vi.spyOn(device, 'replace').mockImplementation((dropped, kept) => {
        writes.push([dropped, kept?.id]);
        return real(dropped, kept);
    });
    const asked = server(() => answer(200, {}));
    if (refused === undefined) {
        throw new Error('Nothing was refused.');
    }
    outbox.instead(refused, count(2));
    await outbox.drain();
    // One write: a page that goes in between finds the one or the other.
    expect(writes[0]?.[0]).toEqual([refused.id]);
    expect(writes[0]?.[1]).toBeGreaterThan(refused.id);
    expect([asked.map((one) => one.body), outbox.entries]).toEqual([[{ value: 2 }], []]);
    expect((await reloaded(device, outbox)).entries).toEqual([]);
});

it('drops what nobody wants any more, here and on the device', async () => {
    const device = newDevice();
    const outbox = outboxOn(device);
    const entry = outbox.put(count(1));
    const other = outbox.put(count(2));
    outbox.drop(entry);
    expect(outbox.entries).toEqual([other]);
    expect((await reloaded(device, outbox)).entries.map((one) => one.id)).toEqual([other.id]);
});

it('numbers what is entered in its order, also in one millisecond and where the clock is set back', () => {
    let now = 1_800_000_000_000;
    const outbox = outboxOn(newDevice(), () => now);
    const entries = [outbox.put(count(1)), outbox.put(count(2)), outbox.put(count(3))];
    now -= 3_600_000;
    entries.push(outbox.put(count(4)));
    now += 7_200_000;
    entries.push(outbox.put(count(5)));
    const numbers = entries.map((one) => one.id);
    expect([...numbers].sort((a, b) => a - b)).toEqual(numbers);
    expect(new Set(numbers).size).toBe(5);
    expect(numbers.every(Number.isSafeInteger)).toBe(true);
    expect(numbers[4]).toBeGreaterThanOrEqual(now * 4096);
    expect(entries[0]?.at).toBe('2027-01-15T08:00:00.000Z');
    expect(entries[3]?.at).toBe('2027-01-15T07:00:00.000Z');
});

it('tells apart what waits from what was refused, and what is of one thing from the rest', async () => {
    const outbox = outboxOn(newDevice());
    server((asked) => (asked.path.includes('counts') ? answer(422, {}) : answer(503, {})));
    outbox.put(count(1));
    outbox.put(tick(1, true));
    await outbox.drain();
    expect([outbox.entries.length, outbox.waiting.length, outbox.of('batches/k1').length, outbox.of('cases/k1').length]).toEqual([
        2, 1, 1, 0,
    ]);
    // What was refused is not replaced by what waits under no key.
    outbox.put(count(2));
    expect([outbox.of('cases/k1').length, outbox.entries.length]).toEqual([1, 3]);
});

it('is held by each status that may pass, and by no other', async () => {
    const held = async (status: number): Promise<boolean> => {
        const outbox = outboxOn(newDevice());
        server(() => answer(status, { error: { path: '', message: 'no' } }));
        outbox.put(count(1));
        await outbox.drain();
        return outbox.waiting.length === 1 && outbox.held !== null;
    };
    const one: boolean[] = [];
    for (const status of [401, 429, 500, 503, 400, 403, 404, 409, 422, 499]) {
        one.push(await held(status));
    }
    expect(one).toEqual([true, true, true, true, false, false, false, false, false, false]);
});

it('tells whoever shows it what was saved, and the screens only what was no tick', async () => {
    const outbox = outboxOn(newDevice());
    const news = vi.fn();
    outbox.onNews = news;
    const sent: unknown[] = [];
    outbox.listen('batches/k1', { sent: (entry, told) => void sent.push([entry.what, told]), refused: () => undefined });
    outbox.listen('cases/k1', { sent: (entry, told) => void sent.push([entry.what, told]), refused: () => undefined });
    server((asked) => (asked.path.includes('ticks') ? answer(200, { ticked: [1] }) : new Response('', { status: 201 })));
    outbox.put(tick(1, true));
    await outbox.drain();
    expect(news).not.toHaveBeenCalled();
    outbox.put(count(4));
    await outbox.drain();
    expect(sent).toEqual([
        ['A tick of the tally', { ticked: [1] }],
        ['A count of 4', null],
    ]);
    expect(news).toHaveBeenCalledTimes(1);
});

it('keeps a refused tick that nobody shows until somebody has seen it', async () => {
    const device = newDevice();
    const outbox = outboxOn(device);
    server(() => answer(409, { error: { path: '', message: 'Finished.' } }));
    outbox.put(tick(1, true));
    await outbox.drain();
    expect((await reloaded(device, outbox)).entries.map((one) => one.refused?.message)).toEqual(['Finished.']);
    // And a refused count is kept though somebody shows its case.
    const refused = vi.fn();
    outbox.listen('cases/k1', { sent: () => undefined, refused });
    outbox.put(count(3));
    await outbox.drain();
    expect([refused.mock.calls.length, outbox.entries.length]).toEqual([0, 2]);
});

it('tries each of those that wait once in a pass, and all again a while later', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const outbox = outboxOn(newDevice());
    outbox.put(count(1));
    const asked = server(() => answer(503, {}));
    await outbox.drain();
    expect(asked).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(3999);
    expect(asked).toHaveLength(1);
    await vi.advanceTimersByTimeAsync(1);
    vi.useRealTimers();
    await outbox.drain();
    expect(asked.length).toBeGreaterThan(1);
});

it('sends at once what waits when an answer shows that the line is back', async () => {
    const outbox = outboxOn(newDevice());
    outbox.put(count(1));
    await outbox.drain();
    expect(outbox.down).toBe(true);
    const asked = server(() => answer(200, {}));
    outbox.heard(true);
    await vi.waitFor(() => expect(outbox.entries).toEqual([]));
    expect([asked.length, outbox.down]).toEqual([1, false]);
    // Nothing is asked where the line was there all the time.
    outbox.heard(true);
    await outbox.drain();
    expect(asked).toHaveLength(1);
});

it('has room again once something could be written', async () => {
    const device = newDevice();
    const outbox = outboxOn(device);
    const failing = vi.spyOn(device, 'replace').mockRejectedValueOnce(new DOMException('full', 'QuotaExceededError'));
    const first = outbox.put(count(1));
    await outbox.written();
    expect(outbox.full).toBe(true);
    outbox.put(count(2));
    await outbox.written();
    expect([outbox.full, failing.mock.calls.length]).toEqual([false, 2]);
    // What could not be written is still here.
    expect(outbox.entries.map((one) => one.id)).toContain(first.id);
});

it('goes on without a device that keeps anything', async () => {
    const device = newDevice();
    vi.spyOn(device, 'entries').mockRejectedValue(new DOMException('no', 'SecurityError'));
    const outbox = outboxOn(device);
    outbox.put(count(1));
    const asked = server(() => answer(200, {}));
    await outbox.drain();
    expect([asked.length, outbox.entries]).toEqual([1, []]);
});

it('hears of what another tab put there and took away', async () => {
    const heard: ((message: object) => void)[] = [];
    const told: unknown[] = [];
    vi.stubGlobal('document', {});
    vi.stubGlobal(
        'BroadcastChannel',
        class {
            constructor(readonly name: string) {}
            addEventListener(kind: string, listener: (message: object) => void): void {
                if (kind === 'message') heard.push(listener);
            }
            postMessage(message: unknown): void {
                told.push([this.name, message]);
            }
        },
    );
    const device = newDevice();
    const here = outboxOn(device);
    const there = outboxOn(device);
    there.put(count(1));
    await there.written();
    expect(told).toEqual([['idle-mixer-outbox', 'changed']]);
    expect(here.entries).toEqual([]);
    heard[0]?.({});
    await vi.waitFor(() => expect(here.entries).toHaveLength(1));
    // What the other took away meanwhile is not sent from here.
    const asked = server(() => answer(200, {}));
    await there.drain();
    await there.written();
    heard[0]?.({});
    await here.drain();
    expect([asked.length, here.entries]).toEqual([1, []]);
});

it('sends in one tab at a time, where the browser can tell them apart', async () => {
    const asked: string[] = [];
    vi.stubGlobal('navigator', { locks: { request: async (name: string, pass: () => Promise<void>) => (asked.push(name), pass()) } });
    const outbox = outboxOn(newDevice());
    server(() => answer(200, {}));
    outbox.put(count(1));
    await outbox.drain();
    expect([asked, outbox.entries]).toEqual([['idle-mixer-outbox'], []]);
});
