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
