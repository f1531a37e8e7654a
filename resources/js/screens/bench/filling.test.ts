import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server, storage } from '../../tests/page';
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

it('says the unit in words, how much it is, and what the sprayer holds in it', () => {
    const filling = opened('', { sprayerId: 1, make: null }, null, true);
    expect([filling.unitWords, filling.unitMl, filling.make]).toEqual(['US gal', 3785.41, 4]);
    expect(filling.capacity).toBeCloseTo(4, 4);
    filling.unit = 'L';
    expect(filling.capacity).toBeCloseTo(15.1416, 6);
    // Without a sprayer: as much as is made, and no less than one.
    filling.pickSprayer(0);
    filling.makeText = '3';
    expect(filling.capacity).toBe(3);
    filling.makeText = '0.2';
    expect(filling.capacity).toBe(1);
    filling.makeText = 'lots';
    expect(filling.capacity).toBe(1);
    filling.unit = 'mL';
    expect([filling.unitWords, filling.unitMl]).toEqual(['mL', 1]);
});

it('takes numbers as they are, and words as they are understood', async () => {
    const filling = opened('', { sprayerId: 2, make: null }, null, true);
    expect(filling.typedFault).toBe('');
    filling.makeText = 'half of it';
    expect(filling.typedFault).toBe('Write how much to make: a number like 1.5, or “half a gallon”.');
    let told: object = { amount: { amount: 0.5, unit: 'L' }, text: '500 mL', answers: [] };
    const asked = server(() => answer(200, told));
    await filling.hear('half of it');
    expect([...set(filling), filling.typedFault]).toEqual([2, '0.5', 'L', '']);
    expect(asked[0]?.body).toMatchObject({ said: 'half of it', unit: 'L', whole: { amount: 1000, unit: 'mL' } });
    told = { amount: null, text: 'Which pint?', answers: [] };
    filling.makeText = 'a pint';
    await filling.hear('a pint');
    expect([filling.typedFault, filling.makeText]).toEqual(['Which pint?', 'a pint']);
    filling.pickSprayer(0);
    await filling.hear('a pint');
    expect(asked.at(-1)?.body).toMatchObject({ whole: null });
});

it('keeps the way back from each level', () => {
    const filling = opened('', { sprayerId: 2, make: null }, null, true);
    expect(filling.canPutBack).toBe(false);
    filling.putBack();
    expect(set(filling)).toEqual([2, '1', 'L']);
    filling.fillTo(0.75);
    filling.fillTo(2, '[cup_us]');
    expect([...set(filling), filling.canPutBack]).toEqual([2, '2', '[cup_us]', true]);
    filling.putBack();
    expect([...set(filling), filling.canPutBack]).toEqual([2, '0.75', 'L', true]);
    filling.putBack();
    expect([...set(filling), filling.canPutBack]).toEqual([2, '1', 'L', false]);
});

it('says in the address what is set, and nothing that is not', () => {
    const filling = opened('', { sprayerId: 2, make: null }, null, true);
    expect(filling.said).toEqual({ sprayer: '2', make: '1', unit: 'L' });
    filling.makeText = ' 1.5 ';
    expect(filling.said).toEqual({ sprayer: '2', make: '1.5', unit: 'L' });
    filling.makeText = 'lots';
    expect(filling.said).toEqual({ sprayer: '2' });
    const bare = new Filling(() => ({ ...shelf(), sprayers: [] }));
    expect(bare.said).toEqual({ make: '1', unit: '[qt_us]' });
});

it('remembers on this device which sprayer was used, and takes the smallest where none is known', () => {
    expect(opened('', { sprayerId: null, make: null }, null, true).sprayerId).toBe(2);
    opened('sprayer=1', { sprayerId: null, make: null }, null, true);
    expect(localStorage.getItem('idle-mixer-sprayer')).toBe('1');
    expect(opened('', { sprayerId: null, make: null }, null, true).sprayerId).toBe(1);
    expect(opened('sprayer=9', { sprayerId: 1, make: null }, null, true).sprayerId).toBe(2);
    const bare = new Filling(() => ({ ...shelf(), sprayers: [] }));
    bare.open(new URLSearchParams(), { sprayerId: null, make: null } as unknown as Schemas['Opening'], null, false);
    expect(set(bare)).toEqual([0, '1', '[qt_us]']);
    bare.pickSprayer(7);
    // What is not there is not remembered.
    expect(localStorage.getItem('idle-mixer-sprayer')).toBe('2');
});

it('opens in one go where the address says so, and with the volume that it says', () => {
    expect(set(opened('sprayer=0', { sprayerId: 1, make: { amount: 2, unit: 'L' } }, null, true))).toEqual([0, '1', '[qt_us]']);
    expect(set(opened('sprayer=0', { sprayerId: null, make: { amount: 2, unit: 'L' } }, null, true))).toEqual([0, '2', 'L']);
    expect(set(opened('sprayer=2&make=0.4&unit=L', { sprayerId: 1, make: null }, null, true))).toEqual([2, '0.4', 'L']);
    expect(set(opened('sprayer=1&make=0.4&unit=firkin', { sprayerId: 1, make: null }, null, true))).toEqual([1, '4', '[gal_us]']);
    expect(set(opened('sprayer=1&unit=L', { sprayerId: 1, make: null }, null, true))).toEqual([1, '4', '[gal_us]']);
    // What the opening made goes with its own sprayer only.
    expect(set(opened('sprayer=1', { sprayerId: 1, make: { amount: 2, unit: 'L' } }, null, true))).toEqual([1, '4', '[gal_us]']);
    expect(set(opened('', { sprayerId: 1, make: { amount: 2, unit: 'L' } }, null, false))).toEqual([1, '2', 'L']);
    // The sprayer at hand, where the opening has no volume of its own.
    expect(set(opened('', { sprayerId: null, make: null }, CUP, true))).toEqual([1, '4', '[gal_us]']);
});

it('leaves the sprayer alone where another spray of its kind is taken', () => {
    const filling = opened('sprayer=2', { sprayerId: 1, make: null }, null, true);
    filling.makeText = '0.3';
    filling.suit(null, null);
    expect(set(filling)).toEqual([2, '0.3', 'L']);
    filling.suit(null, CUP);
    expect(set(filling)).toEqual([2, '0.3', 'L']);
});
