import { expect, it } from 'vitest';
import { foundIn } from './found';

const batch = (name: string, on: string | null, words: string): Parameters<typeof foundIn>[0][number] => ({
    name,
    makeWords: '1 L',
    case: on === null ? null : { id: 1, key: '', name: on },
    bottle: { words },
});
const all = [
    batch('Neem leaf spray', 'Whitefly on Hibiscus', 'Stands ready'),
    batch('Plain soap', 'Aphids on Rose', 'All sprayed'),
    batch('Neem leaf spray', null, 'Poured away'),
];

it('finds batches by any of their words, in any order', () => {
    const found = (sought: string): number[] => foundIn(all, sought).map((one) => all.indexOf(one));
    expect(found('')).toEqual([0, 1, 2]);
    expect(found('  NEEM ')).toEqual([0, 2]);
    expect(found('hibiscus neem')).toEqual([0]);
    expect(found('sprayed rose')).toEqual([1]);
    expect(found('neem rose')).toEqual([]);
});
