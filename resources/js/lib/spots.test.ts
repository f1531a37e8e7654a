import { expect, it } from 'vitest';
import { countsOf, spotOf, spread } from './spots';

it('reads what was written for each spot, and refuses what is no number', () => {
    expect(countsOf(['3', '', ' 0 ', '2,5'])).toEqual([3, null, 0, 2.5]);
    expect(countsOf(['3', 'many'])).toBeNull();
    expect(countsOf(['-1'])).toBeNull();
});

it('spreads a pasted row over the spots from where it was pasted', () => {
    expect(spread(['', '', '', ''], 1, '3 0,5')).toEqual(['', '3', '0', '5']);
    expect(spread(['9', '9'], 0, '1 2 3')).toEqual(['1', '2']);
});

it('takes a class for a count, and nothing else', () => {
    expect([spotOf('6-20'), spotOf('12'), spotOf('a few'), spotOf('-2')]).toEqual(['6-20', 12, null, null]);
});
