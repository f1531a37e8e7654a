import { expect, it } from 'vitest';
import { LEVELS, MARK, tapOf } from './level';

it('finds the tap that says what is left, and none where none does', () => {
    expect([0, 0.3, 0.35, 0.5, 0.66, 0.7, 0.95, 1].map(tapOf)).toEqual([0, 3, 3, 5, 7, 7, 10, 10]);
    expect([0.02, 0.1, 0.2, 0.4, 0.6, 0.85].map(tapOf)).toEqual([null, null, null, null, null, null]);
    expect(tapOf(null)).toBeNull();
});

it('has a word for each tap', () => {
    expect(LEVELS.map((one) => MARK[one])).toEqual(['0', '⅓', '½', '⅔', '1']);
});
