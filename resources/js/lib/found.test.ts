import { expect, it } from 'vitest';
import { wordsIn } from './found';

const all = [
    ['Neem leaf spray', '1 L', 'Whitefly on Hibiscus', 'Stands ready'],
    ['Plain soap', '1 L', 'Aphids on Rose', 'All sprayed'],
    ['Neem leaf spray', '4 L', '', 'Poured away'],
];

it('finds what has all of the words, in any order and any case', () => {
    const found = (sought: string): number[] => all.flatMap((texts, i) => (wordsIn(sought, texts) ? [i] : []));
    expect(found('')).toEqual([0, 1, 2]);
    expect(found('  NEEM ')).toEqual([0, 2]);
    expect(found('hibiscus neem')).toEqual([0]);
    expect(found('sprayed rose')).toEqual([1]);
    expect(found('neem rose')).toEqual([]);
});
