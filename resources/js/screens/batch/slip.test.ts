import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server } from '../../tests/page';
import { SlipState, spoonsAbout } from './slip.svelte';

const scoop = (words: string, count: number) => ({ words, count, amount: 1, unit: '[tbs_us]', mL: 14.8 });
const load = {
    items: [
        { key: 'neem-oil', name: 'neem oil', measured: { scoops: [scoop('1 tbsp', 2), scoop('1 tsp', 1)] } },
        { key: 'castile-soap', name: 'castile soap', measured: { scoops: [scoop('1 tsp', 2)] } },
    ],
} as unknown as Schemas['Plan']['loads'][number];
const state = (): SlipState => new SlipState({ id: 8, version: 3 }, 1, load, spoonsAbout([]));

afterEach(() => vi.unstubAllGlobals());

it('says nothing until enough is said', () => {
    const slip = state();
    expect(slip.slip).toBeNull();
    slip.said = '  ';
    expect(slip.slips).toBeNull();
    slip.kind = 'water';
    slip.water = '0';
    expect(slip.slip).toBeNull();
    slip.water = '3';
    expect(slip.slip).toEqual({ kind: 'water', water: { amount: 3, unit: 'L' } });
});

it('passes on how many went in as it is said', () => {
    const slip = state();
    slip.said = ' about two too many ';
    expect(slip.slip).toEqual({ kind: 'count', item: 'neem-oil', scoop: 0, said: 'about two too many' });
    slip.kind = 'ran-out';
    expect(slip.slip).toEqual({ kind: 'ran-out', item: 'neem-oil', scoop: 0, said: 'about two too many' });
    slip.kind = 'count';
    slip.scoop = 1;
    slip.item = 'castile-soap';
    // The soap has one measure only.
    expect(slip.slip).toEqual({ kind: 'count', item: 'castile-soap', scoop: 0, said: 'about two too many' });
});

it('gathers several slips of one load', () => {
    const slip = state();
    slip.said = '5';
    slip.another();
    expect(slip.before[0]?.words).toBe('I lost count, or put in too many or too few (neem oil)');
    slip.kind = 'left-out';
    slip.item = 'castile-soap';
    expect(slip.slips).toEqual([
        { kind: 'count', item: 'neem-oil', scoop: 0, said: '5' },
        { kind: 'left-out', item: 'castile-soap' },
    ]);
});

it('offers each spoon once that could have been taken for the right one', () => {
    const own = [
        { kind: 'level', name: 'Teaspoon', words: '1 tsp', holds: { amount: 1, unit: '[tsp_us]' } },
        { kind: 'scale', name: 'Scale', words: 'steps of 1 g', holds: { amount: 1, unit: 'g' } },
    ] as unknown as Schemas['Measure'][];
    expect(spoonsAbout(own).map((one) => one.words)).toEqual(['Teaspoon, 1 tsp', 'a US tablespoon', 'a US fluid ounce', 'a US cup']);
    const slip = new SlipState({ id: 8, version: 3 }, 1, load, spoonsAbout(own));
    slip.kind = 'measure';
    slip.measure = 1;
    expect(slip.slip).toEqual({ kind: 'measure', item: 'neem-oil', scoop: 0, measure: { amount: 1, unit: '[tbs_us]' } });
});

it('asks for ways out, and writes down what was done', async () => {
    const asked = server(() => answer(200, { remedies: [] }));
    const slip = state();
    await expect(slip.keep('discard')).rejects.toThrow('Say first what went wrong');
    slip.said = '5';
    slip.ask(slip.slips);
    await vi.waitFor(() => expect(slip.ways.value).not.toBeNull());
    await slip.keep('pour-off');
    const slips = [{ kind: 'count', item: 'neem-oil', scoop: 0, said: '5' }];
    expect(asked).toEqual([
        { path: '/api/batches/8/loads/1/way-out', method: 'POST', body: { slips } },
        { path: '/api/batches/8/loads/1/slip', method: 'PUT', body: { basedOn: 3, slips, remedy: 'pour-off' } },
    ]);
    slip.ask(null);
    expect(slip.ways.value).toBeNull();
});
