import { describe, expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { days, inWords, later, soonest, spans, stretch, untilDark } from './spans';

type Hour = Schemas['Hour'];

const hour = (at: string, verdict: Hour['verdict'], ...reasons: string[]): Hour => ({
    at,
    verdict,
    reasons,
    celsius: 20,
    humidityPercent: 60,
    windKmh: 5,
    rainMm: 0,
    cloudPercent: 0,
    deltaT: 5,
    sunDegrees: 10,
});
const row = (from: string, many: number): Hour[] => Array.from({ length: many }, (_, i) => hour(later(from, i), 'good'));

describe('hours in a row', () => {
    it('puts together what is the same for the same causes, whatever the figures', () => {
        const all = spans([
            hour('2026-06-21T10:00:00Z', 'no', 'Sun 50° high.'),
            hour('2026-06-21T11:00:00Z', 'no', 'Sun 55° high.'),
            hour('2026-06-21T12:00:00Z', 'no', 'It is raining.'),
            hour('2026-06-21T13:00:00Z', 'good'),
        ]);
        expect(all.map((one) => [one.from, one.to, one.verdict, one.hours.length])).toEqual([
            ['2026-06-21T10:00:00.000Z', '2026-06-21T12:00:00.000Z', 'no', 2],
            ['2026-06-21T12:00:00.000Z', '2026-06-21T13:00:00.000Z', 'no', 1],
            ['2026-06-21T13:00:00.000Z', '2026-06-21T14:00:00.000Z', 'good', 1],
        ]);
    });

    it('does not join over an hour that is missing', () => {
        expect(spans([hour('2026-06-21T10:00:00Z', 'good'), hour('2026-06-21T12:00:00Z', 'good')])).toHaveLength(2);
    });

    it('tells a stretch by the clock of the place', () => {
        expect(stretch({ from: '2026-06-21T18:00:00Z', to: '2026-06-21T20:00:00Z' }, 'Europe/Berlin')).toBe('Sun 21 Jun, 20:00 to 22:00');
        expect(stretch({ from: '2026-06-21T21:00:00Z', to: '2026-06-22T04:00:00Z' }, 'Europe/Berlin')).toBe(
            'Sun 21 Jun, 23:00 to Mon 22 Jun, 06:00',
        );
        expect(stretch({ from: '2026-06-21T18:00:00Z', to: '2026-06-23T18:00:00Z' }, 'UTC')).toBe(
            'any time from Sun 21 Jun, 18:00 to Tue 23 Jun, 18:00',
        );
    });
});

describe('days', () => {
    it('takes them by the clock of the place', () => {
        const all = days(row('2026-06-21T20:00:00Z', 30), 'Europe/Berlin');
        expect(all.map((one) => [one.name, one.hours.filter((cell) => cell !== null).length])).toEqual([
            ['Sun 21 Jun', 2],
            ['Mon 22 Jun', 24],
            ['Tue 23 Jun', 4],
        ]);
        expect(all[0]?.hours[22]?.at).toBe('2026-06-21T20:00:00.000Z');
    });

    // Europe/Berlin, by law: on 29 March 2026 02:00 is left out, on 25 October 2026 it comes twice.
    it('keeps every hour through a change of clocks', () => {
        const spring = days(row('2026-03-28T23:00:00Z', 23), 'Europe/Berlin');
        expect(spring).toHaveLength(1);
        expect(spring[0]?.hours[2]).toBeNull();
        expect(spring[0]?.spans.flatMap((one) => one.hours)).toHaveLength(23);
        const autumn = days(row('2026-10-24T22:00:00Z', 25), 'Europe/Berlin');
        expect(autumn).toHaveLength(1);
        expect(autumn[0]?.spans.flatMap((one) => one.hours)).toHaveLength(25);
    });

    it('says a day in words', () => {
        const [day] = days([hour('2026-06-21T18:00:00Z', 'good'), hour('2026-06-21T19:00:00Z', 'no', 'x')], 'UTC');
        expect(day && inWords(day, 'UTC')).toBe('Sun 21 Jun: good 18:00 to 19:00');
        const [none] = days([hour('2026-06-21T18:00:00Z', 'no', 'x')], 'UTC');
        expect(none && inWords(none, 'UTC')).toBe('Sun 21 Jun: no hour');
    });
});

describe('a window that ends after the light is gone', () => {
    const window: Schemas['Window'] = {
        from: '2026-06-21T18:00:00Z',
        to: '2026-06-21T21:00:00Z',
        verdict: 'good',
        darkFrom: '2026-06-21T20:19:00Z',
        because: '',
    };

    it('says from when it is dark, by the clock of the place', () => {
        expect(untilDark(window, 'Europe/Berlin')).toBe('Sun 21 Jun, 20:00 to 22:19, then dark');
        expect(untilDark({ ...window, darkFrom: null }, 'Europe/Berlin')).toBe('Sun 21 Jun, 20:00 to 23:00');
    });
});

describe('the soonest window', () => {
    const plant = (name: string, ...windows: [string, string, 'good' | 'workable'][]): Schemas['SprayDayPlant'] => ({
        id: 1,
        name,
        stands: '',
        troubles: '',
        verdict: 'no',
        because: '',
        hours: [],
        windows: windows.map(([from, to, verdict]) => ({ from, to, verdict, darkFrom: null, because: '' })),
        against: '',
        spray: '',
    });

    it('is a good one before a workable one, then the earliest', () => {
        const rose = plant('Rose', ['2026-06-21T18:00:00Z', '2026-06-21T20:00:00Z', 'workable']);
        const lemon = plant('Lemon', ['2026-06-23T18:00:00Z', '2026-06-23T20:00:00Z', 'good']);
        const bay = plant('Bay', ['2026-06-22T18:00:00Z', '2026-06-22T20:00:00Z', 'good']);
        expect(soonest([rose, lemon, bay])?.plant).toBe('Bay');
        expect(soonest([rose])?.plant).toBe('Rose');
    });

    it('is no window that lasts all week, where another plant has to wait for its hour', () => {
        const inside = plant('Fern', ['2026-06-21T10:00:00Z', '2026-06-28T10:00:00Z', 'good']);
        const rose = plant('Rose', ['2026-06-21T18:00:00Z', '2026-06-21T20:00:00Z', 'good']);
        expect(soonest([inside, rose])?.plant).toBe('Rose');
        expect(soonest([inside])?.plant).toBe('Fern');
    });

    it('is none where there is none', () => {
        expect(soonest([plant('Rose')])).toBeNull();
        expect(soonest([])).toBeNull();
    });
});
