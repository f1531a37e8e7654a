import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { skyOf } from './sky';

const at = (hour: number): string => `2026-06-15T${String(hour).padStart(2, '0')}:00:00Z`;

/** A day of 12 to 24 °C with rain at 15 h and wind at 9 h. */
const day: Schemas['GardenDay'] = {
    from: at(0),
    until: '2026-06-16T00:00:00Z',
    zone: 'UTC',
    sun: { rise: at(5), set: at(21) },
    hours: Array.from({ length: 24 }, (_, hour) => ({
        at: at(hour),
        celsius: 18 - 6 * Math.cos((Math.PI * (hour - 3)) / 12),
        windKmh: hour === 9 ? 22 : 5,
        rainMm: hour === 15 ? 2 : 0,
    })),
    windows: [],
    spray: 'Plain soap',
    cold: 4,
    hot: 27,
    windLimit: 15,
    said: '',
    sky: '',
};

it('puts hours, rain and wind where they are, and the sun from rise to set', () => {
    const sky = skyOf(day, 1000);
    expect(sky.x(at(0))).toBe(10);
    expect(sky.x(at(12))).toBe(500);
    expect(sky.arc.startsWith(`M${sky.x(at(5))} `)).toBe(true);
    expect(sky.arc.endsWith(`${sky.x(at(21))} ${sky.ground}`)).toBe(true);
    expect(sky.rain.map((one) => one.x)).toEqual([sky.x(at(15))]);
    expect(sky.windy.map((one) => one.x)).toEqual([sky.x(at(9))]);
    expect([sky.coldest?.at, sky.warmest?.at]).toEqual([at(3), at(15)]);
    // Warmer lies higher, and all of it above the ground.
    expect(sky.y(24)).toBeLessThan(sky.y(12));
    expect(sky.y(12)).toBeLessThan(sky.ground);
});

it('draws a limit only where the day comes near it', () => {
    expect(skyOf(day, 1000).limits.map((one) => one.celsius)).toEqual([27]);
    expect(skyOf({ ...day, hot: 40, cold: 9 }, 1000).limits.map((one) => one.celsius)).toEqual([9]);
    expect(skyOf({ ...day, hot: null, cold: null }, 1000).limits).toEqual([]);
    expect(skyOf({ ...day, sun: { rise: null, set: null } }, 1000).arc).toBe('');
});
