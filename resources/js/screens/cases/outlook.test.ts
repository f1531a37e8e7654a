import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { HIGH, WIDE, across, band, dayAt, line, marks, top } from './outlook';

const day = (on: string, low: number, middle: number, high: number): Schemas['ExpectedDay'] => ({ on, low, middle, high });
const days = [day('2026-06-01', 5, 10, 20), day('2026-06-02', 2, 8, 30), day('2026-06-03', 0, 0, 3)];
const outlook = (kind: Schemas['Outlook']['kind'], all: Schemas['ExpectedDay'][]): Schemas['Outlook'] => ({
    kind,
    name: kind,
    words: '',
    because: '',
    rounds: [],
    days: all,
});

it('draws from today at the left to the last day at the right, none at the foot and the most at the head', () => {
    expect(line(days, 10)).toBe(`M0.0 0.0L300.0 ${(HIGH - (HIGH * Math.log(9)) / Math.log(11)).toFixed(1)}L${WIDE}.0 ${HIGH}.0`);
    expect(across(days, '2026-06-02')).toBe(300);
    expect(across(days, '2026-07-02')).toBeNull();
});

it('draws the room from high to low, and cuts off what leaves the drawing', () => {
    const room = band(days, 20);
    expect(room.startsWith('M0.0 0.0L300.0 0.0L')).toBe(true);
    expect(room.endsWith('Z')).toBe(true);
    expect(room.split('L')).toHaveLength(6);
});

it('makes room for what is done about it, and not for all that comes of nothing', () => {
    const far = Array.from({ length: 40 }, (_, i) => day(`2026-06-${i}`, 0, 10 * 2 ** i, 20 * 2 ** i));
    expect(top([outlook('alone', far)])).toBe(10 * 2 ** 13);
    expect(top([outlook('alone', days), outlook('planned', days)])).toBe(30);
    expect(top([])).toBe(10);
});

it('marks counts in tens', () => {
    expect(marks(150).map((mark) => mark.count)).toEqual([1, 10, 100]);
    expect(marks(99)[0]?.y).toBeCloseTo(HIGH - (HIGH * Math.log(2)) / Math.log(100), 6);
});

it('finds the day under a finger, and the first or last where it is beside', () => {
    expect([-50, 0, 140, 160, WIDE, 2 * WIDE].map((x) => dayAt(days, x))).toEqual([
        '2026-06-01',
        '2026-06-01',
        '2026-06-01',
        '2026-06-02',
        '2026-06-03',
        '2026-06-03',
    ]);
    expect(dayAt([], 10)).toBe('');
});
