import { expect, it } from 'vitest';
import { bestHours, eachOnce } from './tasks';

it('tells each task once, as it was told first', () => {
    const first = { kind: 'look-over', ref: 1, text: 'first' } as const;
    const again = { kind: 'look-over', ref: 1, text: 'again' } as const;
    const other = { kind: 'next-round', ref: 1, text: 'other' } as const;

    expect(eachOnce([first, other, again])).toEqual([first, other]);
});

it('says in which hours a round is sprayed', () => {
    const now = new Date('2026-06-10T10:00');
    const at = (local: string): string => new Date(local).toISOString();
    const said = (from: string | null, to: string | null): string =>
        bestHours({ bestFrom: from && at(from), bestTo: to && at(to), undecided: false }, now);

    expect(said('2026-06-10T08:00', '2026-06-10T12:00')).toBe('Best until 12:00');
    expect(said('2026-06-10T18:00', '2026-06-10T21:00')).toBe('Best 18:00 to 21:00');
    expect(said('2026-06-10T08:00', '2026-06-17T08:00')).toBe('Any hour today');
    expect(said(null, null)).toBe('In the evening, out of the sun: nobody told the weather.');
});

it('says of what was never sprayed that its hours hang on what is chosen, and nothing of the weather', () => {
    const first = { bestFrom: null, bestTo: null, undecided: true } as const;
    expect(bestHours(first, new Date())).toBe('Its hours are told once you have chosen what to spray.');
    expect(bestHours({ ...first, undecided: false }, new Date())).toBe('In the evening, out of the sun: nobody told the weather.');
});
