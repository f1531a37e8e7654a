import { afterEach, expect, it, vi } from 'vitest';
import { openCases } from './cases';

afterEach(() => vi.unstubAllGlobals());

it('turns pages until the first closed case, and no further', async () => {
    const page = (from: number): unknown => ({
        cases: [0, 1].map((i) => ({ id: from + i + 1, closedAt: from + i < 3 ? null : '2026-06-01T00:00:00Z' })),
        more: from < 6,
    });
    const asked: string[] = [];
    vi.stubGlobal('fetch', (request: Request) => {
        const url = new URL(request.url);
        asked.push(url.search);
        return Promise.resolve(Response.json(page(Number(url.searchParams.get('from') ?? 0))));
    });
    expect((await openCases()).map((one) => one.id)).toEqual([1, 2, 3]);
    expect(asked).toEqual(['', '?from=2']);
});
