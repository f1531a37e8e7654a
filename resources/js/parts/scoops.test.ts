import { expect, it } from 'vitest';
import { drawnScoop } from './scoops';

/* By hand: half a ball of 4.93 mL has a radius of 13.3 mm, of 14.8 mL 19.2 mm; a drop of 0.05 mL is 4.6 mm across; a cup of 237 mL as high as wide 67 mm. */
it.each([
    [4.93, 'spoon', 13.3],
    [14.8, 'spoon', 19.2],
    [0.05, 'drop', 2.3],
    [236.6, 'cup', 33.5],
])('draws %d mL as a %s by one scale', (mL, kind, radius) => {
    const drawn = drawnScoop(mL);
    expect(drawn.kind).toBe(kind);
    expect(drawn.radius).toBeCloseTo(radius, 1);
});

it('draws three teaspoons in a tablespoon', () => {
    const of = (mL: number): number => drawnScoop(mL).radius ** 3;
    expect(of(14.787) / of(4.929)).toBeCloseTo(3, 2);
});
