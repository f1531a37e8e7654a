import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { storage } from '../../tests/page';
import { CUP as LEAF_CUP, Filling } from './filling.svelte';
import type { Shelf } from './shelf';

type Amount = Schemas['Amount'];

const CUP: Amount = { amount: 0.5, unit: '[cup_us]' };

function shelf(): Shelf {
    const vessel = (id: number, fill: Amount, mL: number): Schemas['Sprayer'] => ({ id, fill, mL }) as Schemas['Sprayer'];
    return {
        catalogue: {
            leafCup: { amount: 1, unit: '[cup_us]' },
            volumeUnits: [
                { code: 'L', words: 'L', mL: 1000 },
                { code: '[cup_us]', words: 'US cup', mL: 236.588 },
                { code: '[gal_us]', words: 'US gal', mL: 3785.41 },
            ],
        },
        sprayers: [vessel(1, { amount: 4, unit: '[gal_us]' }, 15141.6), vessel(2, { amount: 1, unit: 'L' }, 1000)],
    } as unknown as Shelf;
}

function opened(
    query: string,
    opening: { sprayerId: number | null; make: Amount | null },
    usual: Amount | null,
    offered: boolean,
): Filling {
    const filling = new Filling(shelf);
    filling.open(new URLSearchParams(query), opening as Schemas['Opening'], usual, offered);
    return filling;
}

const set = (one: Filling): (string | number)[] => [one.sprayerId, one.makeText, one.unit];

beforeEach(() => vi.stubGlobal('localStorage', storage()));
afterEach(() => vi.unstubAllGlobals());

it('mixes again in one go what was mixed in one go, and in its sprayer what had one', () => {
    expect(set(opened('again=3', { sprayerId: null, make: { amount: 0.75, unit: '[gal_us]' } }, null, true))).toEqual([
        0,
        '0.75',
        '[gal_us]',
    ]);
    expect(set(opened('again=3', { sprayerId: 1, make: { amount: 0.75, unit: '[gal_us]' } }, null, true))).toEqual([1, '0.75', '[gal_us]']);
    // A sprayer that is put away: the one at hand, full.
    expect(set(opened('again=3', { sprayerId: 9, make: { amount: 0.75, unit: '[gal_us]' } }, null, true))).toEqual([2, '1', 'L']);
});

it('fills a jar for swabs, whatever sprayer was used last', () => {
    const swab = opened('recipe=swab&case=7', { sprayerId: 1, make: { amount: 4, unit: '[gal_us]' } }, CUP, false);
    expect(set(swab)).toEqual([0, '0.5', '[cup_us]']);
    expect(set(opened('recipe=swab&sprayer=2', { sprayerId: 1, make: null }, CUP, false))).toEqual([2, '1', 'L']);
});

it('takes a jar for swabs and the sprayer again after it, and leaves what was mixed in one go as it is', () => {
    const filling = opened('', { sprayerId: 1, make: null }, null, true);
    filling.suit(CUP, null);
    expect(set(filling)).toEqual([0, '0.5', '[cup_us]']);
    filling.suit(null, CUP);
    expect(set(filling)).toEqual([1, '4', '[gal_us]']);
    filling.pickSprayer(0);
    filling.makeText = '2';
    filling.suit(null, null);
    expect(set(filling)).toEqual([0, '2', '[gal_us]']);
});

it('comes up again from what the address says, without a sprayer, too', () => {
    const filling = opened('', { sprayerId: 1, make: null }, null, true);
    filling.pickSprayer(0);
    filling.makeText = '0.3';
    const said = new URLSearchParams(filling.said).toString();
    expect(said).toContain('sprayer=0');
    expect(set(opened(`recipe=neem&${said}`, { sprayerId: 1, make: null }, null, false))).toEqual([0, '0.3', '[gal_us]']);
});

it('fills a cup for a leaf test, says so in the address, and a sprayer again for the full batch', () => {
    const filling = opened('', { sprayerId: 1, make: null }, null, true);
    filling.pickVessel(LEAF_CUP);
    expect([...set(filling), filling.cup]).toEqual([0, '1', '[cup_us]', true]);
    expect(filling.said.cup).toBe('1');
    filling.pickVessel(2);
    expect([...set(filling), filling.cup]).toEqual([2, '1', 'L', false]);
    expect(filling.said.cup).toBeUndefined();
    expect(opened('cup=1', { sprayerId: null, make: { amount: 1, unit: '[cup_us]' } }, null, true).cup).toBe(true);
});
