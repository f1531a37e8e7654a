import { afterEach, expect, it } from 'vitest';
import { atTime, dueFrom, forField, fromField, fromNow, onDay, onShortDay, toField } from './time';

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

// Common practice, no source: people say since when something is due, and do not count hours back.
it.each([
    ['2026-06-03T15:00', 'in 3 hours'],
    ['2026-06-03T11:00', 'due now'],
    ['2026-06-03T08:00', 'since this morning'],
    ['2026-06-03T02:00', 'since last night'],
    ['2026-06-02T19:30', 'since last night'],
    ['2026-06-02T05:00', 'since yesterday'],
    ['2026-06-01T05:00', 'since Monday'],
    ['2026-05-12T05:00', 'since 12 May'],
])('says of %s at noon of the third of June since when it is due', (due, words) => {
    expect(dueFrom(new Date(due).toISOString(), new Date('2026-06-03T12:00'))).toBe(words);
});

it.each([
    ['2026-06-03T12:30', 'since midday'],
    ['2026-06-03T18:00', 'since this evening'],
])('says of %s late in the evening since when it is due', (due, words) => {
    expect(dueFrom(new Date(due).toISOString(), new Date('2026-06-03T22:00'))).toBe(words);
});

it('writes the local time as a field takes it', () => {
    expect(forField(new Date(2026, 0, 5, 7, 3))).toBe('2026-01-05T07:03');
});

it('writes days and hours in one way, whatever the device is set to', () => {
    const noon = new Date(2026, 10, 7, 14, 5).toISOString();
    expect([onDay(noon), onShortDay(noon), atTime(noon)]).toEqual(['7 Nov 2026', '7 Nov', 'Sat 7 Nov, 14:05']);
});

const here = process.env.TZ;
afterEach(() => {
    process.env.TZ = here ?? 'UTC';
});

/* What the time zone database says (https://www.iana.org/time-zones): Vienna changes its clocks on 29 March 2026, New York on the 8th; Chatham is 13:45 ahead in its summer. */
it.each([
    ['UTC', '2026-03-29T19:00', '2026-03-29T19:00:00.000Z'],
    ['Europe/Vienna', '2026-03-28T19:00', '2026-03-28T18:00:00.000Z'],
    ['Europe/Vienna', '2026-03-29T19:00', '2026-03-29T17:00:00.000Z'],
    ['America/New_York', '2026-03-07T19:00', '2026-03-08T00:00:00.000Z'],
    ['America/New_York', '2026-03-08T19:00', '2026-03-08T23:00:00.000Z'],
    ['Pacific/Chatham', '2026-01-05T07:00', '2026-01-04T17:15:00.000Z'],
])('takes what is typed for the clock of the device: %s, %s', (zone, typed, instant) => {
    process.env.TZ = zone;
    expect([fromField(typed), toField(instant)]).toEqual([instant, typed]);
});
