import { expect, it } from 'vitest';
import { heightOf, Shape, standing } from './heights';

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

it('says where it stands, in the unit of the sprayer first', () => {
    expect(standing(500, { words: 'L', mL: 1000 }, pours)).toBe('0.5 L, 40 mm above the bottom');
    expect(standing(3785.411784 / 2, { words: 'US gal', mL: 3785.411784 }, [])).toBe('0.5 US gal (1.89 L)');
});
