import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { newDevice, outboxOn, reloaded } from '../tests/outbox';
import { answer, server } from '../tests/page';
import type { Fresh } from './entry';
import { alike } from './told';

const count = (value: number): Fresh => ({
    key: null,
    group: 'cases/1',
    method: 'POST',
    path: '/api/cases/1/counts',
    body: { value },
    what: `A count of ${value}`,
});
const tick = (number: number, ticked: boolean): Fresh => ({
    key: `tick ${number}`,
    group: 'batches/1',
    method: 'PUT',
    path: `/api/batches/1/scoops/1/ticks/${number}`,
    body: { ticked },
    what: 'A tick of the tally',
});
const noLine = (): void => void vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));

beforeEach(noLine);
afterEach(() => {
    vi.unstubAllGlobals();
    vi.useRealTimers();
});

it('keeps what was entered through a reload, and sends it once and in order when somebody answers', async () => {
    const device = newDevice();
    const before = outboxOn(device);
    before.put(tick(1, true));
    before.put(count(12));
    before.put(tick(2, true));
    await before.drain();
    expect([before.down, before.waiting.length]).toEqual([true, 3]);

    const outbox = await reloaded(device, before);
    const asked = server(() => answer(200, {}));
    const news = vi.fn();
    outbox.onNews = news;
    await outbox.drain();
    await outbox.drain();
    expect(asked.map((one) => one.path.replace('/api/', ''))).toEqual([
        'batches/1/scoops/1/ticks/1',
        'cases/1/counts',
        'batches/1/scoops/1/ticks/2',
    ]);
    expect([outbox.entries, outbox.down, news.mock.calls.length]).toEqual([[], false, 1]);
    expect((await reloaded(device, outbox)).entries).toEqual([]);
});

it('lets the last word on a spoonful count, and leaves every count its own', async () => {
    const outbox = outboxOn(newDevice());
    outbox.put(tick(1, true));
    outbox.put(count(12));
    outbox.put(count(12));
    outbox.put(tick(1, false));
    expect(outbox.waiting.map((one) => one.body)).toEqual([{ value: 12 }, { value: 12 }, { ticked: false }]);
    expect(alike([...outbox.waiting, ...outboxWith(tick(2, true), tick(3, true))]).map((one) => one.entries.length)).toEqual([1, 1, 3]);
});

function outboxWith(...all: Fresh[]) {
    const outbox = outboxOn(newDevice());
    all.forEach((one) => outbox.put(one));
    return outbox.waiting;
}

it('keeps what the server refuses, with both versions, and goes on with the rest', async () => {
    const device = newDevice();
    const outbox = outboxOn(device);
    outbox.put(count(12));
    outbox.put(count(13));
    const conflict = { kind: 'counts', id: 4, version: 2, fields: [{ name: 'how many', saved: '9', sent: '12' }] };
    server(({ body }) =>
        (body as { value: number }).value === 12
            ? answer(409, { error: { path: '/basedOn', message: 'Somebody changed it.' }, conflict })
            : answer(200, {}),
    );
    await outbox.drain();
    expect(outbox.waiting).toEqual([]);
    const again = await reloaded(device, outbox);
    expect(again.entries.map((one) => [one.what, one.refused?.message, one.refused?.conflict?.fields[0]?.saved])).toEqual([
        ['A count of 12', 'Somebody changed it.', '9'],
    ]);
});

it('takes an entry for saved that had arrived, though its answer was lost, and nothing else for that', async () => {
    const outbox = outboxOn(newDevice());
    const conflict = (...fields: object[]): object => ({ kind: 'counts', id: 4, version: 1, fields });
    const hour = { name: 'when', saved: '2026-06-01T18:00:00Z', sent: '2026-06-01T18:00:02Z' };
    const number = { name: 'Count', saved: '3', sent: '30' };
    for (const [fields, left] of [
        [[], 0],
        [[hour], 0],
        [[hour, number], 1],
    ] as const) {
        outbox.put(count(3));
        server(() => answer(409, { error: { path: '/submission', message: 'It was saved.' }, conflict: conflict(...fields) }));
        await outbox.drain();
        expect(outbox.entries).toHaveLength(left);
    }
});

it('holds what a busy server does not take, says why, and tells of a tick that is refused where it was made', async () => {
    const outbox = outboxOn(newDevice());
    outbox.put(tick(1, true));
    let status = 503;
    server(() => answer(status, { error: { path: '', message: 'The disk is full.' } }));
    await outbox.drain();
    expect([outbox.held?.message, outbox.down, outbox.waiting.length]).toEqual(['The disk is full.', false, 1]);
    status = 409;
    const refused: string[] = [];
    outbox.listen('batches/1', { sent: () => undefined, refused: (_, fault) => void refused.push(fault.message) });
    await outbox.drain();
    expect([refused, outbox.held, outbox.entries]).toEqual([['The disk is full.'], null, []]);
});

it('waits for the passphrase, and takes no session that ended for a refusal', async () => {
    const outbox = outboxOn(newDevice());
    outbox.put(count(3));
    server(() => answer(401, { error: { path: '', message: 'The passphrase is needed.' } }));
    await outbox.drain();
    expect([outbox.waiting.length, outbox.held?.message]).toEqual([1, 'The passphrase is needed.']);
});

it('says that the device is full, keeps the entry as long as the page, and sends it all the same', async () => {
    const device = newDevice();
    vi.spyOn(device, 'replace').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    const outbox = outboxOn(device);
    outbox.put(count(5));
    await outbox.written();
    expect([outbox.full, outbox.waiting.length]).toEqual([true, 1]);
    const asked = server(() => answer(200, {}));
    await outbox.drain();
    expect([asked.length, outbox.entries]).toEqual([1, []]);
});

it('knocks until somebody answers where nothing waits, and has the screens fetch anew', async () => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    const outbox = outboxOn(newDevice());
    await outbox.ready;
    const news = vi.fn();
    outbox.onNews = news;
    outbox.heard(false);
    expect(outbox.down).toBe(true);
    await vi.advanceTimersByTimeAsync(4000);
    await outbox.drain();
    expect([outbox.down, news.mock.calls.length]).toEqual([true, 0]);
    const asked = server(() => answer(200, { ok: true }));
    await vi.advanceTimersByTimeAsync(4000);
    await outbox.drain();
    expect([outbox.down, asked.map((one) => one.path), news.mock.calls.length]).toEqual([false, ['/api/ping'], 1]);
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
    expect([outbox.entries.length, outbox.waiting.length, outbox.of('batches/1').length, outbox.of('cases/1').length]).toEqual([
        2, 1, 1, 0,
    ]);
    // What was refused is not replaced by what waits under no key.
    outbox.put(count(2));
    expect([outbox.of('cases/1').length, outbox.entries.length]).toEqual([1, 3]);
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
    outbox.listen('batches/1', { sent: (entry, told) => void sent.push([entry.what, told]), refused: () => undefined });
    outbox.listen('cases/1', { sent: (entry, told) => void sent.push([entry.what, told]), refused: () => undefined });
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
    outbox.listen('cases/1', { sent: () => undefined, refused });
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
