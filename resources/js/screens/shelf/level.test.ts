import { expect, it } from 'vitest';
import { LEVELS, MARK, nearest } from './level';

it('finds the tap that comes nearest to what is left', () => {
    expect([0, 0.04, 0.2, 0.28, 0.45, 0.59, 0.7, 0.95, 1].map(nearest)).toEqual([0, 0, 3, 3, 5, 5, 7, 10, 10]);
    expect(nearest(null)).toBeNull();
});

it('has a word for each tap', () => {
    expect(LEVELS.map((one) => MARK[one])).toEqual(['0', '⅓', '½', '⅔', '1']);
});
