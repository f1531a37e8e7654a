import { expect, it } from 'vitest';
import { core } from '../tests/core';
import { heightOf, kitchenly, Shape, spokenIn, standing } from './heights';

const gallonHalf = 3785.411784 / 2;

/** Wide at the foot, narrow at the neck. */
const pours = [
    { mL: 500, mm: 40 },
    { mL: 1000, mm: 120 },
];

it('reads heights between poured marks, and knows nothing above the last', () => {
    expect(heightOf(pours, 250)).toBe(20);
    expect(heightOf(pours, 750)).toBe(80);
    expect(heightOf(pours, 1000.0000001)).toBe(120);
    expect(heightOf(pours, 1001)).toBeNull();
    expect(heightOf([], 10)).toBeNull();
});

it('draws to scale, there and back', () => {
    const shape = new Shape(1000, pours);
    expect(shape.share(500)).toBeCloseTo(1 / 3);
    for (const mL of [0, 125, 500, 640, 1000]) {
        expect(shape.mL(shape.share(mL))).toBeCloseTo(mL, 6);
    }
    expect(shape.share(5000)).toBe(1);
});

it('takes the wall as straight when the pours stop short of what it holds', () => {
    expect(new Shape(2000, pours).share(500)).toBe(0.25);
});

it('says where it stands by the marks that a sprayer has', () => {
    const litre = { words: 'L', mL: 1000 };
    const gallon = { words: 'US gal', mL: 3785.411784 };
    expect(standing(500, 1, litre, pours)).toBe('at the ½ L mark, 40 mm above the bottom');
    expect(standing(gallon.mL / 2, 1, gallon, [])).toBe('at the ½ US gal mark');
    // Half a gallon with two tablespoons more, and with six less.
    expect(standing(gallon.mL / 2 + 29.6, 1, gallon, [])).toBe('just over the ½ US gal mark');
    expect(standing(gallon.mL / 2 - 89, 1, gallon, [])).toBe('just under the ½ US gal mark');
    expect(standing(10, 1, litre, [])).toBe('under the ⅛ L mark');
});

it('writes numbers as people write them on a measure', () => {
    expect([0.25, 0.5, 1.5, 0.875, 1 / 3, 2, 0.4375, 33.5].map(kitchenly)).toEqual(['¼', '½', '1½', '⅞', '⅓', '2', '0.438', '33.5']);
    expect(spokenIn(gallonHalf, { words: 'US gal', mL: 2 * gallonHalf })).toBe('½ US gal (1.89 L)');
});

it('has the heights that core has', () => {
    const odd = [
        { mL: 130, mm: 17.5 },
        { mL: 480, mm: 44 },
        { mL: 900, mm: 91.25 },
        { mL: 1500, mm: 203 },
    ];
    const asked = [1, 65, 130, 131, 300, 480, 777.7, 900, 1499, 1500, 1501, 9000];
    const heights = core<(number | null)[]>(
        '$marks = IdleMixer\\Core\\Vessel\\FillMarks::of(array_map(static fn(array $p): array => [(float) $p["mL"], (float) $p["mm"]], $input[0])); return array_map(static fn(int|float $mL): ?float => $marks->heightOf((float) $mL), $input[1]);',
        [odd, asked],
    );
    for (const [i, mL] of asked.entries()) {
        const here = heightOf(odd, mL);
        const there = heights[i] ?? null;
        expect(here === null).toBe(there === null);
        expect(here ?? 0).toBeCloseTo(there ?? 0, 9);
    }
});
