import { expect, it } from 'vitest';
import { eachOnce } from './tasks';

it('tells each task once, as it was told first', () => {
    const first = { kind: 'look-over', ref: 1, text: 'first' } as const;
    const again = { kind: 'look-over', ref: 1, text: 'again' } as const;
    const other = { kind: 'next-round', ref: 1, text: 'other' } as const;

    expect(eachOnce([first, other, again])).toEqual([first, other]);
});
