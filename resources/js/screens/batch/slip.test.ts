import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server } from '../../tests/page';
import { KINDS, SlipState, spoonsAbout } from './slip.svelte';

const scoop = (words: string, count: number) => ({ words, count, amount: 1, unit: '[tbs_us]', mL: 14.8 });
const load = {
    items: [
        { key: 'neem-oil', name: 'neem oil', measured: { scoops: [scoop('1 tbsp', 2), scoop('1 tsp', 1)] } },
        { key: 'castile-soap', name: 'castile soap', measured: { scoops: [scoop('1 tsp', 2)] } },
    ],
} as unknown as Schemas['Plan']['loads'][number];
const state = (): SlipState => new SlipState({ key: 'key-8', version: 3 }, 1, load, spoonsAbout([]));

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
    const slip = new SlipState({ key: 'key-8', version: 3 }, 1, load, spoonsAbout(own));
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
        { path: '/api/batches/key-8/loads/1/way-out', method: 'POST', body: { slips } },
        { path: '/api/batches/key-8/loads/1/slip', method: 'PUT', body: { basedOn: 3, slips, remedy: 'pour-off' } },
    ]);
    slip.ask(null);
    expect(slip.ways.value).toBeNull();
});

it('begins with a count of the first thing, and knows what it was measured with', () => {
    const slip = state();
    expect([slip.kind, slip.item, slip.scoop, slip.said, slip.measure, slip.water, slip.waterUnit]).toEqual([
        'count',
        'neem-oil',
        0,
        '',
        0,
        '',
        'L',
    ]);
    expect(slip.scoops.map((one) => one.words)).toEqual(['1 tbsp', '1 tsp']);
    slip.scoop = 1;
    expect(slip.scoopAt).toBe(1);
    slip.item = 'nothing';
    expect([slip.scoops, slip.scoopAt]).toEqual([[], 0]);
    const bare = new SlipState({ key: 'key-8', version: 3 }, 1, { items: [] } as unknown as typeof load, []);
    expect([bare.item, bare.scoopAt]).toEqual(['', 0]);
    bare.kind = 'measure';
    expect(bare.slip).toBeNull();
});

it('says nothing of water that is no number, nothing or less than nothing', () => {
    const slip = state();
    slip.kind = 'water';
    for (const typed of ['', 'lots', '0', '-1']) {
        slip.water = typed;
        expect(slip.slip).toBeNull();
    }
    slip.water = '2,5';
    slip.waterUnit = '[gal_us]';
    expect(slip.slip).toEqual({ kind: 'water', water: { amount: 2.5, unit: '[gal_us]' } });
    slip.another();
    expect([slip.before.map((one) => one.words), slip.water, slip.said]).toEqual([['The water was not as planned'], '', '']);
    // Nothing is said yet: nothing is kept.
    slip.another();
    expect(slip.before).toHaveLength(1);
    expect(slip.slips).toBeNull();
});

it('names each kind of slip in its own words', () => {
    const words = KINDS.map((one) => {
        const slip = state();
        slip.kind = one.value;
        slip.said = '2';
        slip.water = '2';
        slip.another();
        return slip.before[0]?.words;
    });
    expect(words).toEqual([
        'I lost count, or put in too many or too few (neem oil)',
        'I left it out (neem oil)',
        'I ran out of it (neem oil)',
        'I used the wrong spoon (neem oil)',
        'The water was not as planned',
    ]);
});

it('tells spoons of one number and another unit apart, and of one unit and another number', () => {
    const own = [
        { kind: 'level', name: 'Scoop', words: '1 L', holds: { amount: 1, unit: 'L' } },
        { kind: 'level', name: 'Big', words: '2 tsp', holds: { amount: 2, unit: '[tsp_us]' } },
    ] as unknown as Schemas['Measure'][];
    expect(spoonsAbout(own).map((one) => [one.words, one.holds.amount, one.holds.unit])).toEqual([
        ['Scoop, 1 L', 1, 'L'],
        ['Big, 2 tsp', 2, '[tsp_us]'],
        ['a US teaspoon', 1, '[tsp_us]'],
        ['a US tablespoon', 1, '[tbs_us]'],
        ['a US fluid ounce', 1, '[foz_us]'],
        ['a US cup', 1, '[cup_us]'],
    ]);
});

it('writes down on what version it is based, as it is told', async () => {
    const asked = server(() => answer(200, {}));
    const slip = state();
    slip.kind = 'left-out';
    await slip.keep('discard', (version) => version + 4);
    expect(asked[0]?.body).toEqual({ basedOn: 7, slips: [{ kind: 'left-out', item: 'neem-oil' }], remedy: 'discard' });
});

it('says of the wrong spoon which one it was, and which measure it stood for', () => {
    const own = [
        { kind: 'level', name: 'Soup spoon', words: '10 mL', holds: { amount: 10, unit: 'mL' } },
    ] as unknown as Schemas['Measure'][];
    const slip = new SlipState({ key: 'key-8', version: 3 }, 1, load, spoonsAbout(own));
    slip.kind = 'measure';
    // By their place in the list that is offered: one's own first, then the usual ones.
    expect(slip.slip).toEqual({ kind: 'measure', item: 'neem-oil', scoop: 0, measure: { amount: 10, unit: 'mL' } });
    slip.measure = slip.spoons.findIndex((one) => one.words === 'a US tablespoon');
    slip.scoop = 1;
    expect(slip.slip).toEqual({ kind: 'measure', item: 'neem-oil', scoop: 1, measure: { amount: 1, unit: '[tbs_us]' } });
    slip.measure = slip.spoons.findIndex((one) => one.words === 'a US teaspoon');
    slip.item = 'castile-soap';
    expect(slip.slip).toEqual({ kind: 'measure', item: 'castile-soap', scoop: 0, measure: { amount: 1, unit: '[tsp_us]' } });
});
