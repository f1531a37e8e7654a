import { expect, it } from 'vitest';
import { Together } from './together';

const ORIGIN = 'http://127.0.0.1';

function line(answers: Record<string, { status: number; body: unknown }>): {
    asked: string[];
    call: (request: Request) => Promise<Response>;
} {
    const asked: string[] = [];
    return {
        asked,
        call: (request) => {
            const url = new URL(request.url);
            asked.push(url.pathname);
            const parts = url.searchParams.getAll('get[]');
            const body =
                url.pathname === '/api/several' ? Object.fromEntries(parts.map((one) => [one, answers[one]])) : answers[url.pathname]?.body;
            return Promise.resolve(new Response(JSON.stringify(body)));
        },
    };
}

const get = (together: Together, path: string): Promise<Response> => together.fetch(new Request(ORIGIN + path));

it('asks in one call what is asked in one breath, and hands each its own answer', async () => {
    const { asked, call } = line({ '/api/a': { status: 200, body: { a: 1 } }, '/api/b': { status: 404, body: { error: 'no b' } } });
    const together = new Together(call, ORIGIN, {});
    const [a, b, again] = await Promise.all([get(together, '/api/a'), get(together, '/api/b'), get(together, '/api/a')]);
    expect(asked).toEqual(['/api/several']);
    expect([await a.json(), a.status, b.status, await b.json(), await again.json()]).toEqual([
        { a: 1 },
        200,
        404,
        { error: 'no b' },
        { a: 1 },
    ]);
    await get(together, '/api/a');
    expect(asked).toEqual(['/api/several', '/api/a']);
});

it('takes what came within the page once, and nothing of it after a change', async () => {
    const { asked, call } = line({ '/api/a': { status: 200, body: { a: 2 } }, '/api/b': { status: 200, body: { b: 2 } } });
    const within = { '/api/a': { status: 200, body: { a: 1 } }, '/api/b': { status: 200, body: { b: 1 } } };
    const together = new Together(call, ORIGIN, within);
    expect(await (await get(together, '/api/a')).json()).toEqual({ a: 1 });
    expect(await (await get(together, '/api/a')).json()).toEqual({ a: 2 });
    await together.fetch(new Request(`${ORIGIN}/api/c`, { method: 'PUT', body: '{}' }));
    expect(await (await get(together, '/api/b')).json()).toEqual({ b: 2 });
    expect(asked).toEqual(['/api/a', '/api/c', '/api/b']);
});

it('tells every one of them when the line is dead', async () => {
    const together = new Together(() => Promise.reject(new TypeError('Failed to fetch')), ORIGIN, {});
    const both = await Promise.allSettled([get(together, '/api/a'), get(together, '/api/b')]);
    expect(both.map((one) => one.status)).toEqual(['rejected', 'rejected']);
});
