import { expect, it } from 'vitest';
import { painted } from './overlay';

it('paints each run where it lies, hurt apart from healthy, and never beyond the picture', () => {
    const points = painted('2x0 1x1 9x3', 2, 3);
    expect(points).toHaveLength(24);
    expect([...points.slice(0, 8)]).toEqual([0, 0, 0, 0, 0, 0, 0, 0]);
    expect(points[11]).toBe(40);
    expect(points[15]).toBeGreaterThan(100);
    expect([...points.slice(12, 16)]).not.toEqual([...points.slice(8, 12)]);
});
