import { expect, it, vi } from 'vitest';
import { answer, server } from '../../tests/page';
import { Water } from './water.svelte';

const water = (): Water =>
    new Water({
        waters: [
            { code: 'rain', words: 'rain', mgPerL: 5 },
            { code: 'tap', words: 'tap', mgPerL: null },
        ],
        hardnessUnits: [
            { code: 'mg/L', words: 'mg/L', mgPerL: 1 },
            { code: 'dH', words: 'dH', mgPerL: 17.848 },
        ],
    } as unknown as ConstructorParameters<typeof Water>[0]);

it('asks nothing while nobody knows', () => {
    const tap = water();
    expect([tap.hardness, tap.asked, tap.typedFault]).toEqual([null, undefined, '']);
    tap.kind = 'tap';
    expect(tap.asked).toBeUndefined();
    tap.celsius = 0;
    expect(tap.asked).toEqual({ temperature: { amount: 0, unit: 'Cel' } });
});

it('takes a water by name, or a figure in its unit', () => {
    const said = water();
    said.kind = 'rain';
    expect(said.asked).toEqual({ hardness: { amount: 5, unit: 'mg/L' } });
    said.kind = 'number';
    said.hardnessUnit = 'dH';
    said.hardnessText = '7,5';
    expect(said.hardness).toBeCloseTo(133.86, 6);
    said.hardnessText = '0';
    expect(said.hardness).toBe(0);
    said.hardnessText = 'soft';
    expect(said.typedFault).toContain('like 120');
});

it('goes by a figure as it is where its unit is not known, and finds no fault in a water that has a name', () => {
    const said = water();
    said.kind = 'number';
    said.hardnessUnit = 'grains';
    said.hardnessText = '120';
    expect([said.hardness, said.typedFault]).toEqual([120, '']);
    said.kind = 'rain';
    said.hardnessText = 'soft';
    expect([said.hardness, said.typedFault]).toEqual([5, '']);
    said.celsius = 12;
    expect(said.asked).toEqual({ hardness: { amount: 5, unit: 'mg/L' }, temperature: { amount: 12, unit: 'Cel' } });
});

it('takes up what is known: by its name where a water has that figure, as a figure where none has', () => {
    const said = water();
    said.takeUp(5, 8);
    expect([said.kind, said.hardnessUnit, said.hardnessText, said.celsius]).toEqual(['rain', 'mg/L', '5', 8]);
    said.hardnessUnit = 'dH';
    said.takeUp(212, null);
    expect([said.kind, said.hardnessUnit, said.hardnessText, said.celsius]).toEqual(['number', 'mg/L', '212', null]);
    said.takeUp(null, 20);
    expect([said.kind, said.hardnessText, said.celsius]).toEqual(['number', '212', 20]);
});

it('reads strip and thermometer', async () => {
    const asked = server(() => answer(200, { hardnessMgL: 180, celsius: 11.5 }));
    const said = water();
    said.hardnessUnit = 'dH';
    await said.read();
    expect([said.kind, said.hardnessUnit, said.hardness, said.celsius, asked[0]?.path]).toEqual([
        'number',
        'mg/L',
        180,
        11.5,
        '/api/devices/water',
    ]);
    vi.unstubAllGlobals();
});
