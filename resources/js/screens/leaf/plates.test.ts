import { expect, it } from 'vitest';
import { nearestPlate } from './plates';

it('takes the drawn leaf that is nearest to what was said or measured', () => {
    const plates = [0, 1, 2, 5, 10, 20, 40, 70, 100].map((share) => ({ share }));
    expect([0, 0.4, 1.5, 7, 12, 31, 100, 140].map((share) => plates[nearestPlate(plates, share)]?.share)).toEqual([
        0, 0, 1, 5, 10, 40, 100, 100,
    ]);
    expect(nearestPlate([], 5)).toBe(0);
});
