import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { count, newDevice, noLine, outboxOn } from '../tests/outbox';
import { answer } from '../tests/page';
import type { Entry } from './entry';
import { Notebook } from './notebook.svelte';
import { Outbox } from './outbox.svelte';
import { sentTogether } from './several';

beforeEach(noLine);
afterEach(() => void vi.unstubAllGlobals());

interface Sent {
    entries: { method: string; path: string; headers: Record<string, string>; body: { value: number } }[];
}

/** A server that answers each by its value. */
function serverOf(each: (value: number) => { status: number; body: unknown }) {
    const calls: Sent[] = [];
    const call = async (request: Request): Promise<Response> => {
        const body = (await request.json()) as Sent;
        calls.push(body);
        return answer(200, { answers: body.entries.map((one) => ({ mark: 'a', ...each(one.body.value) })) });
    };
    return { calls, call };
}

function waiting(many: number, call: (request: Request) => Promise<Response>): Outbox {
    const notebook = new Notebook('a');
    const way = {
        send: async (entries: readonly Entry[]) => sentTogether(call, entries, notebook),
        knock: async () => Promise.reject(new TypeError('Nobody knocks here.')),
    };
    const outbox = new Outbox(newDevice(), way, Date.now, notebook);
    for (let n = 1; n <= many; n++) {
        outbox.put(count(n));
    }
    return outbox;
}

it('sends many in a few calls, in their order, each with its notebook and its hour', async () => {
    const { calls, call } = serverOf(() => ({ status: 201, body: {} }));
    const outbox = waiting(60, call);
    const at = outbox.entries.map((one) => one.at);
    await outbox.drain();
    expect(calls.map((one) => one.entries.length)).toEqual([25, 25, 10]);
    const sent = calls.flatMap((one) => one.entries);
    expect(sent.map((one) => one.body.value)).toEqual(Array.from({ length: 60 }, (_, i) => i + 1));
    expect(sent.map((one) => one.headers['Acted-At'])).toEqual(at);
    expect(new Set(sent.map((one) => [one.method, one.path, one.headers['Notebook-Mark']].join(' ')))).toEqual(
        new Set(['POST /api/cases/k1/counts a']),
    );
    expect(outbox.entries).toEqual([]);

    outbox.put(count(61));
    await outbox.drain();
    expect(calls[3]?.entries.map((one) => one.body.value)).toEqual([61]);
});

it('keeps what is refused among them, and what is held from there on', async () => {
    let isDown = true;
    const { calls, call } = serverOf((value) => {
        const status = value === 3 ? 422 : value === 12 && isDown ? 503 : 201;
        return { status, body: status === 201 ? {} : { error: { path: '', message: `No ${value}` } } };
    });
    // The server asks nothing more of what is broken: its answers end there.
    const cut = async (request: Request): Promise<Response> => {
        const response = await call(request);
        const { answers } = (await response.clone().json()) as { answers?: { status: number }[] };
        const end = answers?.findIndex((one) => one.status >= 500) ?? -1;
        return end < 0 ? response : answer(200, { answers: answers?.slice(0, end + 1) });
    };
    const outbox = waiting(20, cut);
    await outbox.drain();
    expect([outbox.held?.message, outbox.waiting.length, outbox.waiting[0]?.body]).toEqual(['No 12', 9, { value: 12 }]);
    expect(outbox.entries.filter((one) => one.refused !== null).map((one) => one.refused?.message)).toEqual(['No 3']);
    isDown = false;
    await outbox.drain();
    expect([outbox.held, outbox.waiting, calls.length]).toEqual([null, [], 2]);
});

it('goes one by one where they do not go together, and waits where nobody is let in', async () => {
    let status = 422;
    const { calls, call } = serverOf(() => ({ status: 201, body: {} }));
    const narrow = async (request: Request): Promise<Response> => {
        const { entries } = (await request.clone().json()) as Sent;
        return entries.length > 1 ? answer(status, { error: { path: '', message: 'Too long.' } }) : call(request);
    };
    const outbox = waiting(10, narrow);
    await outbox.drain();
    expect([calls.map((one) => one.entries.length), outbox.entries.length]).toEqual([Array(10).fill(1), 0]);
    for (let n = 1; n <= 10; n++) {
        outbox.put(count(n));
    }
    status = 401;
    await outbox.drain();
    expect([outbox.held?.status, outbox.waiting.length, calls.length]).toEqual([401, 10, 10]);
});

it('keeps what is too long even by itself, with what was said of it, and tries what nobody answered later', async () => {
    const outbox = waiting(1, async () => Promise.resolve(answer(422, { error: { path: '', message: 'Too long.' } })));
    await outbox.drain();
    expect(outbox.entries.map((one) => one.refused?.message)).toEqual(['Too long.']);
    const silent = waiting(2, async () => Promise.resolve(answer(200, { answers: [] })));
    await silent.drain();
    expect(silent.waiting.length).toBe(2);
});

it('brings nothing back that was taken out while it was on its way', async () => {
    const outbox = waiting(0, async () => {
        outbox.entries.forEach((one) => outbox.drop(one));
        return Promise.resolve(answer(200, { answers: [{ status: 422, mark: 'a', body: { error: { path: '', message: 'No.' } } }] }));
    });
    outbox.put(count(1));
    await outbox.drain();
    expect(outbox.entries).toEqual([]);
});

it('takes an answer of another notebook for one, for each by itself', async () => {
    const entry = outboxOn(newDevice()).put(count(1)) as Entry;
    const call = async (): Promise<Response> =>
        Promise.resolve(answer(200, { answers: [{ status: 409, mark: 'b', body: { error: { path: '/mark', message: 'Another.' } } }] }));
    const [response] = await sentTogether(call, [entry], new Notebook('a'));
    expect(response !== undefined && new Notebook('a').isOfAnother(response, 'a')).toBe(true);
});
