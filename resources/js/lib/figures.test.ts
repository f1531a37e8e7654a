import { describe, expect, it } from 'vitest';
import { millilitres, short, typedNumber } from './figures';

describe('figures', () => {
    it('shows three figures that matter', () => {
        expect([0.77216, 29.5735, 3785.4, 0, 1, 100.04].map(short)).toEqual(['0.772', '29.6', '3790', '0', '1', '100']);
    });

    it('turns to litres from a litre on', () => {
        expect([999, 1000, 3785.41].map(millilitres)).toEqual(['999 mL', '1 L', '3.79 L']);
    });

    it('reads a comma and a point, and nothing else', () => {
        expect(['1.5', '1,5', ' 2 ', '.5', '3.'].map(typedNumber)).toEqual([1.5, 1.5, 2, 0.5, 3]);
        for (const text of ['', 'two', '1.2.3', '-1', '1e9', '0x10', 'Infinity', '1 2']) {
            expect(typedNumber(text), text).toBeNaN();
        }
    });
});
