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

it('begins in litres and metres, and in the units of who fills in others', () => {
    const set = (unit: Schemas['Amount']['unit']): unknown[] => {
        const need = new NeedState(unit);
        return [need.usedUnit, need.holds, need.holdsUnit, need.measuredIn, need.depth];
    };
    expect(set('L')).toEqual(['L', '5', 'L', 'm', '12']);
    expect(set('mL')).toEqual(['mL', '5', 'L', 'm', '12']);
    expect(set('[tbs_m]')).toEqual(['[tbs_m]', '5', 'L', 'm', '12']);
    expect(set('[qt_us]')).toEqual(['[qt_us]', '1', '[qt_us]', 'ft', '5']);
    expect(set('[gal_br]')).toEqual(['[gal_br]', '1', '[gal_br]', 'ft', '5']);
    const need = new NeedState('L');
    expect([need.kind, need.size, need.count, need.plants, need.used, need.length, need.width, need.dryness]).toEqual([
        'plants',
        'pot',
        '6',
        '1',
        '',
        '',
        '',
        'dryish',
    ]);
});

it('takes up what one plant took last time', () => {
    const need = new NeedState('[gal_us]');
    need.byLast('0.4');
    expect(need.body('L', undefined)).toEqual({ last: { used: { amount: 0.4, unit: 'L' }, plants: 1, now: 1 }, unit: 'L' });
    need.used = '0';
    expect(need.body('L', undefined)).toBeNull();
    need.used = '0.4';
    need.plants = 'some';
    expect(need.body('L', undefined)).toBeNull();
});

it('says nothing of a rest where nothing stays behind', () => {
    const body = new NeedState('L').body('mL', { ...sprayer, leftBehindMl: 0 } as Schemas['Sprayer']);
    expect(body).toEqual({ plants: [{ size: 'pot', count: 6 }], unit: 'mL', sprayer: { amount: 1, unit: 'L' } });
});
