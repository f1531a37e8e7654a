import { vi } from 'vitest';

/** What a browser keeps for a page. */
export function storage(): Storage {
    const kept = new Map<string, string>();
    return {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => void kept.set(key, value),
        removeItem: (key: string) => void kept.delete(key),
    } as unknown as Storage;
}

export const answer = (status: number, body: unknown): Response =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

export interface Asked {
    path: string;
    method: string;
    body: unknown;
}

/** Stands in for the server: answers each request with what is given, and keeps what was asked. */
export function server(reply: (asked: Asked) => Response | Promise<Response>): Asked[] {
    const all: Asked[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        const text = await request.text();
        const asked = {
            path: new URL(request.url).pathname,
            method: request.method,
            body: text === '' ? null : (JSON.parse(text) as unknown),
        };
        all.push(asked);
        return reply(asked);
    });
    return all;
}
