import 'fake-indexeddb/auto';
import { afterEach, expect, it, vi } from 'vitest';
import { Fault } from '../lib/fault';
import { newDevice, outboxOn } from '../tests/outbox';
import { answer, server } from '../tests/page';
import { Guard } from './guard';
import { asAnother, inPlace, keepable } from './kinds';

const ORIGIN = 'http://127.0.0.1';
const NOW = Date.UTC(2026, 5, 1, 18);

function guarded(where = '/bench?recipe=soap', later = (task: () => void): void => task()) {
    let screen = where;
    const device = newDevice();
    const outbox = outboxOn(device);
    const guard = new Guard(
        (request) => fetch(request),
        device,
        outbox,
        ORIGIN,
        () => NOW,
        () => screen,
        later,
    );
    const get = async (path: string): Promise<unknown> => (await guard.fetch(new Request(ORIGIN + path))).json();
    const send = (path: string, body: unknown): Promise<Response> =>
        guard.fetch(new Request(ORIGIN + path, { method: 'POST', body: JSON.stringify(body) }));
    return { device, outbox, guard, get, send, goTo: (next: string) => (screen = next) };
}

const noLine = (): void => void vi.stubGlobal('fetch', async () => Promise.reject(new TypeError('no route')));
/** What is kept beside an answer is written a moment later. */
const settled = (): Promise<void> => new Promise((done) => setTimeout(done, 20));

afterEach(() => vi.unstubAllGlobals());

it('gives out what was answered last where nobody answers, and nothing that was never asked', async () => {
    const { get, outbox } = guarded();
    server(({ path }) => answer(200, { path }));
    await get('/api/cases/6');
    await get('/api/sign-ins');
    await settled();
    noLine();
    expect(await get('/api/cases/6')).toEqual({ path: '/api/cases/6' });
    expect(outbox.down).toBe(true);
    await expect(get('/api/cases/7')).rejects.toThrow('no route');
    await expect(get('/api/sign-ins')).rejects.toThrow('no route');
});

it('keeps what came within the page, where it was answered well', async () => {
    const { get, guard } = guarded();
    await guard.takeUp({ '/api/today': { status: 200, body: { tasks: [] } }, '/api/cases/9': { status: 404, body: {} } });
    noLine();
    expect(await get('/api/today')).toEqual({ tasks: [] });
    await expect(get('/api/cases/9')).rejects.toThrow('no route');
});

it('forgets the notebook once this device is not let in any more', async () => {
    const { get } = guarded();
    server(({ path }) => (path === '/api/cases' ? answer(200, []) : answer(401, {})));
    await get('/api/cases');
    await settled();
    await get('/api/today');
    await settled();
    noLine();
    await expect(get('/api/cases')).rejects.toThrow('no route');
});

it('answers a plan that was asked for before, says that a new one needs the server, and knows where the last was', async () => {
    const { device, send } = guarded();
    server(() => answer(200, { loads: 1 }));
    await send('/api/bench', { make: 1 });
    await settled();
    noLine();
    expect(await (await send('/api/bench', { make: 1 })).json()).toEqual({ loads: 1 });
    await expect(send('/api/bench', { make: 2 })).rejects.toThrow('A new plan needs the machine that serves');
    expect((await device.newest('plan '))?.where).toBe('/bench?recipe=soap');
});

it('knows the screen that asked for a plan, also where hands have gone on by the time it is kept', async () => {
    const tasks: (() => void)[] = [];
    const { device, send, goTo } = guarded('/bench?recipe=soap', (task) => void tasks.push(task));
    server(() => answer(200, { loads: 1 }));
    await send('/api/bench', { make: 1 });
    goTo('/batches/35');
    tasks.forEach((task) => task());
    await settled();
    expect((await device.newest('plan '))?.where).toBe('/bench?recipe=soap');
});

it('keeps a count with the hour at which it was made, and says so', async () => {
    const { outbox, send } = guarded();
    noLine();
    const fault = await send('/api/cases/k6/counts', { submission: 'a', each: [3, 4, 0] }).catch((thrown: unknown) => thrown);
    expect(fault).toBeInstanceOf(Fault);
    expect([(fault as Fault).waits, (fault as Fault).message]).toEqual([
        true,
        'A count of 7 is kept on this device, and is sent once the machine that serves answers.',
    ]);
    expect(outbox.waiting.map((one) => one.body)).toEqual([{ submission: 'a', each: [3, 4, 0] }]);
    // What needs the server now is not kept for later.
    await expect(send('/api/batches', { submission: 'b' })).rejects.toThrow('no route');
    expect(outbox.waiting).toHaveLength(1);
});

it('sends what was entered before first, and then what is entered now', async () => {
    const { outbox, send } = guarded();
    noLine();
    await send('/api/batches/k3/finish', { standTest: 'even' }).catch(() => undefined);
    const asked = server(() => answer(200, {}));
    await send('/api/cases/k6/counts', { submission: 'a', value: 3 });
    expect(asked.map((one) => one.path)).toEqual(['/api/batches/k3/finish', '/api/cases/k6/counts']);
    expect(outbox.entries).toEqual([]);
});

it('knows what may wait, and when it was', () => {
    const kept = (path: string, body: Record<string, unknown> = {}) => keepable('POST', path, body);
    expect(kept('/api/cases/6/rounds')?.body).toEqual({});
    expect(kept('/api/cases/6/rounds', { sprayedAt: 'then' })?.body).toEqual({ sprayedAt: 'then' });
    expect(kept('/api/leaf-tests/2/readings')?.body).toEqual({});
    expect(kept('/api/batches/k3/finish')?.group).toBe('batches/k3');
    expect(kept('/api/batches/k3/lines', { kind: 'spilled', share: 0.5 })?.what).toBe('Something that happened to a mix');
    expect(['/api/plants', '/api/cases', '/api/batches', '/api/runs'].map((path) => kept(path))).toEqual([null, null, null, null]);
    expect(keepable('PUT', '/api/cases/k6/counts', {})).toBeNull();
});

it('puts a batch that was finished here in the place of what somebody else said of it, and a record beside another', () => {
    const conflict = { kind: 'batches', id: 3, key: 'key-3', version: 5, fields: [] };
    const entry = {
        ...(keepable('POST', '/api/batches/k3/finish', { standTest: 'even', keeping: 'strict', rest: 'kept', notes: 'mine' }) ?? fail()),
        id: 1,
        of: '',
        mark: 'a',
        known: null,
        at: 'now',
        refused: { path: '', message: '', status: 409, conflict },
    };
    expect(inPlace(entry)).toMatchObject({
        method: 'PUT',
        path: '/api/batches/k3',
        body: { basedOn: 5, madeAt: 'now', standTest: 'even', keeping: 'strict', notes: 'mine' },
    });
    expect(inPlace({ ...entry, path: '/api/cases/1/counts' })).toBeNull();
    expect(asAnother(entry, 'new').body).toMatchObject({ submission: 'new', notes: 'mine' });
});

function fail(): never {
    throw new Error('It is to wait.');
}
