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
