import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { BOTTOM, curveOf, HEIGHT, LEFT } from './curve';

const WIDTH = 480;

it('draws counts in order of time, within its frame, sprayed and unsprayed apart', () => {
    const count = (day: number, value: number, untreated = false): Schemas['Case']['counts'][number] => ({
        id: day,
        key: `key-${day}`,
        version: 1,
        countedAt: `2026-06-${String(day).padStart(2, '0')}T10:00:00Z`,
        value,
        untreated,
        notes: '',
        each: null,
        stages: {},
        newClean: null,
        helpers: null,
        changes: 0,
        who: '',
    });
    const one = {
        openedAt: '2026-06-01T10:00:00Z',
        rounds: [],
        counts: [count(1, 80), count(3, 90, true), count(5, 8)],
    } as unknown as Schemas['Case'];
    const curve = curveOf(one, WIDTH);
    const points = [...curve.treated.matchAll(/([\d.]+) ([\d.]+)/g)].map((match) => ({ x: Number(match[1]), y: Number(match[2]) }));

    expect(points).toHaveLength(2);
    expect(points.map((point) => point.x)).toEqual(points.map((point) => point.x).sort((a, b) => a - b));
    // Fewer insects lie lower down, which is a larger y.
    expect(points.map((point) => point.y)).toEqual(points.map((point) => point.y).sort((a, b) => a - b));
    expect(curve.untreated.startsWith('M')).toBe(true);
    for (const { x, y } of points) {
        expect(x > LEFT && x < WIDTH && y > 0 && y <= HEIGHT - BOTTOM).toBe(true);
    }
});

it('bears a case with one count and no round', () => {
    const one = {
        openedAt: '2026-06-01T10:00:00Z',
        rounds: [],
        counts: [{ id: 1, countedAt: '2026-06-01T10:00:00Z', value: 0, untreated: false, notes: '' }],
    } as unknown as Schemas['Case'];
    expect(curveOf(one, WIDTH).treated).not.toContain('NaN');
});
