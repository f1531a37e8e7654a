import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server } from '../../tests/page';
import { Details } from './pours.svelte';

const can = (more: object = {}): Schemas['Sprayer'] =>
    ({
        id: 5,
        key: 'key-5',
        name: 'Can',
        holds: { amount: 2, unit: 'L' },
        mL: 2000,
        fillMl: 2000,
        leftBehindMl: 0,
        pours: [],
        ...more,
    }) as unknown as Schemas['Sprayer'];

afterEach(() => vi.unstubAllGlobals());

it('leaves empty what was never found out', () => {
    const plain = new Details(can());
    expect([plain.fill, plain.left, plain.pours]).toEqual(['', '', []]);
    const known = new Details(can({ fillMl: 1800, leftBehindMl: 45, pours: [{ mL: 500, mm: 41.5 }] }));
    expect([known.fill, known.left, known.pours]).toEqual(['1800', '45', [{ mL: '500', mm: '41.5' }]]);
});

it('offers the next pour by the first, never above what it holds', () => {
    const details = new Details(can());
    details.addPour();
    details.addPour();
    expect(details.pours.map((pour) => pour.mL)).toEqual(['500', '1000']);
    const first = details.pours[0];
    if (first !== undefined) {
        first.mL = '900';
    }
    details.addPour();
    expect(details.pours.at(-1)?.mL).toBe('1900');
    details.addPour();
    expect(details.pours.at(-1)?.mL).toBe('2000');
});

it('sends what was measured and leaves out a pour without a height', async () => {
    const asked = server(() => answer(200, can()));
    const details = new Details(can());
    details.name = 'Big can';
    details.holds = '2,5';
    details.fill = '1,8';
    details.left = '';
    details.pours = [
        { mL: '500', mm: '41,5' },
        { mL: '1000', mm: '' },
    ];
    await details.keep();
    expect(asked).toEqual([
        {
            path: '/api/sprayers/key-5',
            method: 'PUT',
            body: {
                name: 'Big can',
                holds: { amount: 2.5, unit: 'L' },
                largestFill: { amount: 1.8, unit: 'mL' },
                leftBehind: null,
                pours: [{ mL: 500, mm: 41.5 }],
            },
        },
    ]);
});

it('says which number is none, and sends nothing', async () => {
    const asked = server(() => answer(200, can()));
    const details = new Details(can());
    details.holds = 'a lot';
    await expect(details.keep()).rejects.toThrow('Write how much it holds');
    details.holds = '2';
    details.left = 'a drop';
    await expect(details.keep()).rejects.toThrow('Write what stays behind as a number of mL');
    details.left = '';
    details.pours = [{ mL: '500', mm: 'high' }];
    await expect(details.keep()).rejects.toThrow('mm above the bottom');
    expect(asked).toEqual([]);
});
