import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { Tally } from './tally.svelte';

function batch(): Schemas['Batch'] {
    const scoop = (id: number, count: number, ticked: number[]): Schemas['Scoop'] => ({ id, words: '1 tbsp', eachMl: 14.8, count, ticked });
    const tasks = [
        { code: 'first-water', item: null, text: '', level_mL: 500 },
        { code: 'add-tank', item: 0, text: '', level_mL: 530 },
        { code: 'top-up', item: null, text: '', level_mL: 1000 },
    ];
    return {
        id: 3,
        plan: { loads: [{ tasks }, { tasks }] },
        items: [
            { id: 1, load: 1, position: 0, name: 'neem oil', plannedMl: 29.6, scoops: [scoop(11, 2, [1])] },
            { id: 2, load: 2, position: 0, name: 'neem oil', plannedMl: 29.6, scoops: [scoop(12, 2, [])] },
        ],
    } as unknown as Schemas['Batch'];
}

function firstScoop(tally: Tally): Schemas['Scoop'] {
    const scoop = tally.shown[0]?.scoops[0];
    if (scoop === undefined) {
        throw new Error('The load has nothing to tick.');
    }
    return scoop;
}

const answer = (status: number, body: unknown): Response =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

afterEach(() => vi.unstubAllGlobals());

it('opens at the first load that is not through, and draws the level as far as the ticks say', async () => {
    vi.stubGlobal('fetch', async () => answer(200, { id: 11, words: '1 tbsp', eachMl: 14.8, count: 2, ticked: [1, 2] }));
    const tally = new Tally(batch());
    expect([tally.load, tally.ticked, tally.planned, tally.level]).toEqual([1, 1, 4, 500]);
    tally.tick(firstScoop(tally), 2, true);
    expect([tally.ticked, tally.level]).toEqual([2, 1000]);
    await tally.settled();
    expect(tally.fault).toBeNull();
});

it('takes a tick back that was not saved, and says so', async () => {
    vi.stubGlobal('fetch', async () => answer(409, { error: { path: '', message: 'This batch is finished.' } }));
    const tally = new Tally(batch());
    tally.tick(firstScoop(tally), 2, true);
    await tally.settled();
    expect(tally.ticked).toBe(1);
    expect(tally.fault?.message).toContain('This batch is finished.');
});

it('ticks the rest in one go, each spoonful once', async () => {
    const sent: string[] = [];
    vi.stubGlobal('fetch', async (request: Request) => {
        sent.push(new URL(request.url).pathname);
        return answer(200, { id: 0, words: '', eachMl: 0, count: 2, ticked: [1, 2] });
    });
    const tally = new Tally(batch());
    await tally.tickRest();
    expect(tally.ticked).toBe(4);
    expect(new Set(sent).size).toBe(3);
});
