import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { storage } from '../../tests/page';
import { shelf } from '../../tests/shelf';
import { BenchState } from './bench.svelte';
import { strengthOf } from './setting';

beforeEach(() => vi.stubGlobal('localStorage', storage()));
afterEach(() => vi.unstubAllGlobals());

it('calls half strength only what is half', () => {
    expect([1, 0.5, 0.25, 0.7, 1.5].map(strengthOf)).toEqual([
        'full strength',
        'half strength',
        '25 % of full strength',
        '70 % of full strength',
        '150 % of full strength',
    ]);
});

it.each([
    [1, false],
    [1, true],
    [0.5, false],
    [0.5, true],
    [0.25, false],
    [0.7, true],
    [1.5, false],
])('comes up again at %d times its strength, high end %s, as the address has it', (factor, highEnd) => {
    const state = new BenchState(shelf(), new URLSearchParams('recipe=neem&sprayer=1'));
    [state.factor, state.highEnd] = [factor, highEnd];
    const again = new BenchState(shelf(), new URLSearchParams(state.address));
    expect([again.recipeSlug, again.factor, again.highEnd]).toEqual(['neem', factor, highEnd]);
});
