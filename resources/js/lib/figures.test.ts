import { describe, expect, it } from 'vitest';
import { core } from '../tests/core';
import { millilitres, short, shortDown, typedNumber } from './figures';

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

it('rounds down where more is not there', () => {
    expect([1.2389, 1.2341, 0.0045678, 9.999, 12389].map(shortDown)).toEqual(['1.23', '1.23', '0.00456', '9.99', '12300']);
    for (let value = 0.001; value < 1e6; value *= 1.0137) {
        expect(Number(shortDown(value))).toBeLessThanOrEqual(value);
        expect(Number(shortDown(value))).toBeGreaterThan(value * 0.98);
    }
});

it('never says a thousand millilitres', () => {
    expect([999.4, 999.6, 1000].map(millilitres)).toEqual(['999 mL', '1 L', '1 L']);
});

it('writes figures as core does', () => {
    const numbers = [0.05, 1, 12.345, 999.4, 1000, 0.000123];
    for (let value = 0.0011; value < 9e6; value *= 1.173) {
        numbers.push(value, Math.round(value * 100) / 100);
    }
    const kept = numbers.filter((value) => value > 0);
    const written = core<string[]>(
        'return array_map(IdleMixer\\Core\\Wording\\Figures::short(...), array_map(floatval(...), $input));',
        kept,
    );
    expect(kept.map(short)).toEqual(written);
    const metric = core<string[]>(
        'return array_map(IdleMixer\\Core\\Wording\\Measures::metric(...), array_map(floatval(...), $input));',
        kept,
    );
    expect(kept.map(millilitres)).toEqual(metric);
});
