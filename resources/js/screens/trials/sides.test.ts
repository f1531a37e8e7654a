import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { benchOf, nextSide } from './sides';

type Side = Schemas['Trial']['sides'][number];

const course = { id: 7, key: 'k', name: 'Soap or oil' };
const side = (letter: 'A' | 'B', over: Partial<Side> = {}): Side => ({
    letter,
    course,
    name: letter,
    alone: false,
    recipe: 'plain-soap',
    plantId: 3,
    plants: 3,
    left: 3,
    batchId: null,
    bottle: null,
    ...over,
});
const bottle = (state: NonNullable<Side['bottle']>['state']): Partial<Side> => ({
    batchId: 4,
    bottle: { state, words: '', end: null, act: 'spray', actWords: '', ref: null, loads: 1, mixed: 1, course: 7 },
});
const looked = [{ id: 1, key: 'l', version: 1, countedAt: '2026-06-01T08:00:00Z', counts: [] }];

// Both sides are mixed as a pair, and sprayed one after the other: common practice of trials, no source.
it.each([
    ['nothing before all are counted', [], side('A'), side('B'), null],
    ['the first is mixed first', looked, side('A'), side('B'), 'A'],
    ['then the second', looked, side('A', bottle('standing')), side('B'), 'B'],
    ['one in the middle of mixing goes on', looked, side('A', bottle('mixing')), side('B', bottle('standing')), 'A'],
    ['both are mixed: the first is sprayed', looked, side('A', bottle('standing')), side('B', bottle('standing')), 'A'],
    ['then the second is sprayed', looked, side('A', { left: 0 }), side('B', bottle('standing')), 'B'],
    ['who is left alone waits for nothing', looked, side('A', { left: 0 }), side('B', { alone: true, left: 0 }), null],
    ['what was bought stands ready', looked, side('A', { recipe: null }), side('B'), 'B'],
    ['all are sprayed', looked, side('A', { left: 0 }), side('B', { left: 0 }), null],
] as const)('%s', (_, looks, a, b, first) => {
    expect(nextSide({ looks: [...looks], sides: [a, b] })).toBe(first);
});

it('mixes for all plants of the side', () => {
    expect(benchOf(side('A'))).toBe('/bench?recipe=plain-soap&plant=3&course=7');
});
