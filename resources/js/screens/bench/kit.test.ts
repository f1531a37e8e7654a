import { expect, it } from 'vitest';
import { spokenScoops } from './kit';

const scoop = (amount: number, unit: string, count: number, words: string) => ({ amount, unit, count, mL: amount, words });

it('calls measured spoons and marks by their names', () => {
    const kit = [
        { amount: 4.6, unit: 'mL' as const, words: 'blue spoon' },
        { amount: 3, unit: 'mL' as const, words: 'syringe to the 3 mL mark' },
        { amount: 1, unit: '[tsp_us]' as const, words: '1 tsp' },
    ];
    expect(spokenScoops('2 tsp', [scoop(1, '[tsp_us]', 2, '1 tsp')], kit)).toBe('2 tsp');
    expect(spokenScoops('2 × 4.6 mL + 3 mL', [scoop(4.6, 'mL', 2, '4.6 mL'), scoop(3, 'mL', 1, '3 mL')], kit)).toBe(
        '2 × blue spoon + 1 × syringe to the 3 mL mark',
    );
});

it('names only what has a name of its own, and keeps the order of pouring', () => {
    const kit = [
        { amount: 4.6, unit: 'mL', words: 'blue spoon' },
        { amount: 1, unit: '[tbs_us]', words: '1 tbsp' },
    ] as never;
    expect(spokenScoops('2 tbsp + 1 × 4.6 mL', [scoop(1, '[tbs_us]', 2, '1 tbsp'), scoop(4.6, 'mL', 1, '4.6 mL')], kit)).toBe(
        '2 × 1 tbsp + 1 × blue spoon',
    );
    expect(spokenScoops('2 tbsp', [scoop(1, '[tbs_us]', 2, '1 tbsp')], kit)).toBe('2 tbsp');
    expect(spokenScoops('nothing', [], kit)).toBe('nothing');
});

it('tells a spoon from a mark of the same number in another unit', () => {
    const kit = [{ amount: 5, unit: 'mL', words: 'syringe to the 5 mL mark' }] as never;
    const spoon = [{ amount: 5, unit: '[tsp_us]', count: 1, mL: 24.6, words: '5 tsp' }] as never;
    expect(spokenScoops('5 tsp', spoon, kit)).toBe('5 tsp');
    const mark = [{ amount: 5, unit: 'mL', count: 1, mL: 5, words: '5 mL' }] as never;
    expect(spokenScoops('5 mL', mark, kit)).toBe('1 × syringe to the 5 mL mark');
});
