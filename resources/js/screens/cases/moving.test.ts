import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { Moving } from './moving.svelte';

type Outlook = Schemas['Outlook'];
const outlook = (rounds: string[]): Outlook => ({ kind: 'planned', name: '', words: rounds.join(' '), because: '', rounds, days: [] });

/** Each round may move a day to either side. */
const ask = (on: string[], which: number): Promise<Schemas['MovedRounds']> => {
    const other = (days: number): string => new Date(Date.parse(on[which] ?? '') + days * 86_400_000).toISOString().slice(0, 10);
    return Promise.resolve({
        asAsked: outlook(on),
        moved: [-1, 0, 1].map((days) => outlook(on.map((day, i) => (i === which ? other(days) : day)))),
        without: outlook(on.filter((_, i) => i !== which)),
        more: outlook([...on, '2026-07-01']),
    });
};
const later = (): Promise<void> => new Promise((done) => setTimeout(done));

it('shows what comes of the nearest day that may be while it is held, and keeps to it once it is let go', async () => {
    const moving = new Moving(ask, outlook(['2026-06-05', '2026-06-12']));
    expect(moving.shown?.words).toBe('2026-06-05 2026-06-12');
    await later();
    moving.drag(1, '2026-06-20');
    expect(moving.shown?.rounds).toEqual(['2026-06-05', '2026-06-13']);
    expect(moving.on).toEqual(['2026-06-05', '2026-06-12']);
    moving.drop();
    expect(moving.on).toEqual(['2026-06-05', '2026-06-13']);
    // Until the answer is there, what it would be is shown, and nothing of before can be pressed.
    expect([moving.known, moving.shown?.rounds, moving.beside(0, true)]).toEqual([false, ['2026-06-05', '2026-06-13'], null]);
    await later();
    expect([moving.known, moving.under]).toEqual([true, null]);
});

it('goes a day to either side, and nowhere where there is none', async () => {
    const moving = new Moving(ask, outlook(['2026-06-05', '2026-06-12']));
    await later();
    expect(moving.beside(0, true)?.rounds).toEqual(['2026-06-06', '2026-06-12']);
    expect(moving.beside(1, false)?.rounds).toEqual(['2026-06-05', '2026-06-11']);
    moving.take(null);
    expect(moving.on).toEqual(['2026-06-05', '2026-06-12']);
    moving.take(moving.more);
    await later();
    expect(moving.on).toHaveLength(3);
});

it('says a fault, and goes back to what was there before', async () => {
    let fails = false;
    const moving = new Moving((on, which) => (fails ? Promise.reject(new Error('no')) : ask(on, which)), outlook(['2026-06-05']));
    await later();
    fails = true;
    moving.take(moving.beside(0, true));
    await later();
    expect(moving.fault).not.toBeNull();
    expect(moving.shown?.rounds).toEqual(['2026-06-05']);
    expect([moving.known, moving.on]).toEqual([true, ['2026-06-05']]);
});

it('begins with none where none is planned', async () => {
    const moving = new Moving(ask, null);
    await later();
    expect([moving.on, moving.more?.rounds]).toEqual([[], ['2026-07-01']]);
});
