import { expect, it } from 'vitest';
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
