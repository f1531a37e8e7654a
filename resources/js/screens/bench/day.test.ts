import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { storage } from '../../tests/page';
import { Day } from './day.svelte';

beforeEach(() => vi.stubGlobal('localStorage', storage()));
afterEach(() => vi.unstubAllGlobals());

it('says nothing until something is said', () => {
    const day = new Day();
    expect(day.circumstances).toEqual({});
    expect(day.summary).toBe('nothing said');
    expect(day.typedFault).toBe('');
});

it('takes the air in either unit, and remembers which', () => {
    const day = new Day();
    day.airUnit = '°F';
    day.air = '90';
    // 90 F are 32.2 C: (90 - 32) / 1.8.
    expect(day.circumstances).toEqual({ celsius: 32.22 });
    expect(day.summary).toBe('90 °F');
    day.air = '32';
    expect(day.circumstances.celsius).toBe(0);
    expect(new Day().airUnit).toBe('°F');
});

it('knows from the notebook what blooms and what is picked soon', () => {
    const day = new Day();
    day.takeFrom({ inFlower: true, pickedInDays: 0 } as Schemas['Plant']);
    day.season = 'growing';
    expect(day.circumstances).toEqual({ season: 'growing', inFlower: true });
    expect(day.pickedIn).toBe(0);
    expect(day.summary).toBe('in leaf, in flower, picked in 0 days');
    day.takeFrom(undefined);
    expect(day.circumstances).toEqual({ season: 'growing' });
});

it('says what is no number; a frost is one, minus two days are not', () => {
    const day = new Day();
    day.air = '-3,5';
    expect(day.typedFault).toBe('');
    expect(day.circumstances.celsius).toBe(-3.5);
    day.everyDays = '-2';
    expect(day.typedFault).toContain('as numbers');
    day.everyDays = 'weekly';
    expect(day.typedFault).toContain('as numbers');
});

it('says in a line what was said of the day', () => {
    const day = new Day();
    day.season = 'dormant';
    day.air = ' 21 ';
    day.everyDays = ' 7 ';
    day.pickedInDays = ' 3 ';
    expect(day.summary).toBe('dormant, 21 °C, picked in 3 days, every 7 days');
    expect(day.circumstances).toEqual({ season: 'dormant', celsius: 21, everyDays: 7 });
    expect(day.pickedIn).toBe(3);
    day.season = '';
    day.air = ' ';
    day.everyDays = '';
    day.pickedInDays = '';
    expect([day.summary, day.pickedIn, day.circumstances]).toEqual(['nothing said', undefined, {}]);
});

it('knows nothing of a plant of which the notebook does not say when it is picked', () => {
    const day = new Day();
    day.takeFrom({ inFlower: false, pickedInDays: null } as Schemas['Plant']);
    expect([day.inFlower, day.pickedInDays]).toEqual([false, '']);
    day.takeFrom({ inFlower: true, pickedInDays: 12 } as Schemas['Plant']);
    expect([day.inFlower, day.pickedInDays, day.pickedIn]).toEqual([true, '12', 12]);
    day.takeFrom(undefined);
    expect([day.inFlower, day.pickedInDays]).toEqual([false, '']);
});

it('goes back to degrees Celsius, finds a fault in each of its numbers, and reads a comma', () => {
    const day = new Day();
    day.airUnit = '°F';
    day.airUnit = '°C';
    expect([new Day().airUnit, localStorage.getItem('idle-mixer-air')]).toEqual(['°C', '"°C"']);
    day.air = '21,5';
    expect(day.circumstances.celsius).toBe(21.5);
    for (const [field, text] of [
        ['air', 'warm'],
        ['air', '2-1'],
        ['pickedInDays', 'soon'],
        ['pickedInDays', '-1'],
    ] as const) {
        const other = new Day();
        other[field] = text;
        expect(other.typedFault).toBe('Write temperature and days as numbers, like 21 or 7, or leave them empty.');
    }
    day.pickedInDays = ' ';
    day.everyDays = ' ';
    expect(day.typedFault).toBe('');
});

it('takes blanks for nothing, and leaves them out of what it says', () => {
    const day = new Day();
    day.air = '  ';
    day.pickedInDays = ' ';
    expect([day.summary, day.typedFault, day.circumstances]).toEqual(['nothing said', '', {}]);
    day.air = ' 21 ';
    day.pickedInDays = ' 5 ';
    expect([day.summary, day.typedFault]).toEqual(['21 °C, picked in 5 days', '']);
});
