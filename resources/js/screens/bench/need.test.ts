import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server } from '../../tests/page';
import { NeedState } from './need.svelte';

const sprayer = { leftBehindMl: 45, fill: { amount: 1, unit: 'L' } } as Schemas['Sprayer'];

afterEach(() => vi.unstubAllGlobals());

it('asks by plants, with what stays in the sprayer', () => {
    const need = new NeedState('L');
    need.count = '12';
    expect(need.body('L', sprayer)).toEqual({
        plants: [{ size: 'pot', count: 12 }],
        unit: 'L',
        leftBehind: { amount: 45, unit: 'mL' },
        sprayer: { amount: 1, unit: 'L' },
    });
    expect(need.body('L', undefined)).toEqual({ plants: [{ size: 'pot', count: 12 }], unit: 'L' });
});

it('asks by what last time or a trial took, in the unit of the bench', () => {
    const need = new NeedState('[gal_us]');
    need.kind = 'trial';
    expect(need.body('L', undefined)).toBeNull();
    need.used = '0,5';
    need.plants = '2';
    need.count = '3';
    expect(need.body('L', undefined)).toEqual({ trial: { used: { amount: 0.5, unit: '[gal_us]' }, plants: 2, now: 3 }, unit: 'L' });
});

it('asks for a drench by bed or pots, once every number is one', () => {
    const need = new NeedState('L');
    need.kind = 'bed';
    need.length = '2';
    expect(need.body('L', undefined)).toBeNull();
    need.width = '1.2';
    expect(need.body('L', undefined)).toEqual({
        beds: [{ length: 2, width: 1.2, depth: 12, measuredIn: 'm', dryness: 'dryish' }],
        unit: 'L',
    });
    need.kind = 'pots';
    need.count = 'some';
    expect(need.body('L', undefined)).toBeNull();
});

it('shows what the server reckoned, and nothing while nothing is asked', async () => {
    const asked = server(() => answer(200, { mL: 300, words: '300 mL' }));
    const need = new NeedState('L');
    need.ask(need.body('L', undefined));
    await vi.waitFor(() => expect(need.answer.value?.words).toBe('300 mL'));
    expect(asked[0]).toMatchObject({ path: '/api/need', method: 'POST', body: { unit: 'L' } });
    need.ask(null);
    expect(need.answer.value).toBeNull();
});

it('measures beds in feet and pots in gallons where one fills in gallons', () => {
    const need = new NeedState('[gal_us]');
    need.kind = 'bed';
    need.length = '10';
    need.width = '4';
    expect(need.body('L', undefined)).toMatchObject({ beds: [{ length: 10, width: 4, depth: 5, measuredIn: 'ft' }] });
    need.kind = 'pots';
    expect(need.body('L', undefined)).toMatchObject({ pots: [{ holds: { amount: 1, unit: '[gal_us]' } }] });
});
