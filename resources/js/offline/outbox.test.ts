import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { count, newDevice, noLine, outboxOn, reloaded, tick } from '../tests/outbox';
import { answer, server } from '../tests/page';
import { line } from '../lib/line.svelte';
import { Notebook } from './notebook.svelte';
import type { Entry, Fresh } from './entry';
import { moved } from './kinds';
import { alike, together } from './told';

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
        'batches/k1/scoops/1/ticks/1',
        'cases/k1/counts',
        'batches/k1/scoops/1/ticks/2',
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
    const conflict = { kind: 'counts', id: 4, key: 'key-4', version: 2, fields: [{ name: 'how many', saved: '9', sent: '12' }] };
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
    const conflict = (...fields: object[]): object => ({ kind: 'counts', id: 4, key: 'key-4', version: 1, fields });
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
    outbox.listen('batches/k1', { sent: () => undefined, refused: (_, fault) => void refused.push(fault.message) });
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

it('puts nothing into another notebook: it asks where it belongs, and keeps what was done and when', async () => {
    let now = Date.UTC(2026, 5, 1, 18);
    const before = new Notebook('before');
    const device = newDevice();
    const outbox = outboxOn(device, () => now, before);
    line.names.set('cases/k1', 'Aphids on Dahlia');
    outbox.put(count(12));
    outbox.put(tick(1, true));
    await outbox.drain();
    const refused: Entry[] = [];
    outbox.listen('batches/k1', { sent: () => undefined, refused: (one) => void refused.push(one) });
    const elsewhere = (status: number): Response =>
        new Response(JSON.stringify({ error: { path: '/mark', message: 'The notebook is another one by now.' } }), {
            status,
            headers: { 'Notebook-Mark': 'after' },
        });
    server(() => elsewhere(409));
    now += 60_000;
    await outbox.drain();
    expect(refused).toEqual([]);
    expect(outbox.entries.map((one) => [one.what, one.of, one.mark, one.refused?.astray])).toEqual([
        ['A count of 12', 'Aphids on Dahlia', 'before', true],
        ['A tick of the tally', '', 'before', true],
    ]);

    // The page is opened anew, and whoever entered it says where it goes.
    await outbox.written();
    const later = outboxOn(device, () => now, new Notebook('after'));
    await later.ready;
    const sent: (string | null)[][] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push([new URL(request.url).pathname, request.headers.get('Notebook-Mark'), request.headers.get('Acted-At')]);
        return answer(200, {});
    });
    const astray = later.entries[0] as Entry;
    later.putWhere(astray, moved(astray, 'cases/k7'));
    await later.drain();
    expect(sent).toEqual([['/api/cases/k7/counts', 'after', '2026-06-01T18:00:00.000Z']]);
    expect(later.entries.map((one) => one.what)).toEqual(['A tick of the tally']);
});

it('tells together what was entered of one record, as far as it goes together to another', () => {
    expect(together([...outboxWith(tick(1, true), tick(2, true), count(3), count(4))]).map((some) => some.length)).toEqual([2, 1, 1]);
});

it('sends nothing that a version before named by its row, and asks where it belongs', async () => {
    const device = newDevice();
    // As the version before wrote it.
    const old = {
        key: null,
        group: 'cases/28',
        method: 'POST',
        path: '/api/cases/28/rounds',
        body: { batchId: 3, notes: 'n' },
        what: 'A round',
        id: 1,
        at: '2026-06-01T18:00:00.000Z',
        refused: null,
    };
    await device.replace([], old as unknown as Entry);
    const outbox = outboxOn(device);
    await outbox.ready;
    const asked = server(() => answer(200, {}));
    await outbox.drain();
    expect([asked.length, outbox.entries[0]?.refused?.astray, outbox.entries[0]?.of]).toEqual([0, true, '']);
    const there = moved(outbox.entries[0] as Entry, 'cases/k7', { batch: 'k3' });
    expect([there.path, there.body]).toEqual(['/api/cases/k7/rounds', { notes: 'n', batch: 'k3' }]);
});
