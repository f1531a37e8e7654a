import { expect, it } from 'vitest';
import { atTime, forField, fromNow, onDay, onShortDay } from './time';

const now = new Date('2026-06-01T12:00:00Z');
const at = (hours: number): string => new Date(now.getTime() + hours * 3_600_000).toISOString();

it.each([
    [0.25, 'in 15 minutes'],
    [1.4, 'in 84 minutes'],
    [5, 'in 5 hours'],
    [-30, '30 hours ago'],
    [24, 'in 24 hours'],
    [-48, '2 days ago'],
    [168, 'in 7 days'],
])('says %f hours as people do', (hours, words) => {
    expect(fromNow(at(hours), now)).toBe(words);
});

it('writes the local time as a field takes it', () => {
    expect(forField(new Date(2026, 0, 5, 7, 3))).toBe('2026-01-05T07:03');
});

it('writes days and hours in one way, whatever the device is set to', () => {
    const noon = new Date(2026, 10, 7, 14, 5).toISOString();
    expect([onDay(noon), onShortDay(noon), atTime(noon)]).toEqual(['7 Nov 2026', '7 Nov', 'Sat 7 Nov, 14:05']);
});
