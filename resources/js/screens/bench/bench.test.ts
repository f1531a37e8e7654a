import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { BenchState, type Shelf } from './bench.svelte';

function recipe(slug: string, more: Partial<Schemas['Recipe']> = {}): Schemas['Recipe'] {
    const document = { slug, order: 'all-together', use: 'foliar', lines: [{ ingredient: 'neem-oil', amount: 2, unit: '[tbs_us]' }] };
    return { slug, name: slug, use: 'foliar', shipped: true, for: [], forWords: [], document, ...more } as unknown as Schemas['Recipe'];
}

function shelf(): Shelf {
    const vessel = (id: number, amount: number, unit: string, mL: number): Schemas['Sprayer'] =>
        ({ id, name: `can ${id}`, holds: { amount, unit }, fill: { amount, unit }, words: '', mL, retired: false }) as Schemas['Sprayer'];
    return {
        hand: { coarseness: 1, readings: 0 },
        catalogue: {
            volumeUnits: [
                { code: 'L', words: 'L', mL: 1000 },
                { code: '[gal_us]', words: 'US gal', mL: 3785.411784 },
            ],
            waters: [
                { code: 'rain', words: 'rain', mgPerL: 5 },
                { code: 'tap', words: 'tap', mgPerL: null },
            ],
            hardnessUnits: [{ code: 'dH', words: 'dH', mgPerL: 17.848 }],
        } as unknown as Schemas['Catalogue'],
        recipes: [
            recipe('soap'),
            recipe('neem', { for: ['aphids'] }),
            recipe('drench', { use: 'drench' }),
            recipe('own', { shipped: false }),
        ],
        plants: [{ id: 4, name: 'Zinnia', tolerance: 'tender-leaf' }] as Schemas['Plant'][],
        sprayers: [vessel(1, 4, '[gal_us]', 15141.6), vessel(2, 1, 'L', 1000)],
        kit: [{ amount: 1, unit: '[tbs_us]', words: '1 tbsp' }],
        scaleGrams: null,
        cases: [{ id: 7, pest: 'aphids', pestName: 'Aphids', plant: { id: 4 } }] as unknown as Schemas['CaseBrief'][],
    };
}

const bench = (query = ''): BenchState => new BenchState(shelf(), new URLSearchParams(query));

beforeEach(() => {
    const kept = new Map<string, string>();
    vi.stubGlobal('localStorage', {
        getItem: (key: string) => kept.get(key) ?? null,
        setItem: (key: string, value: string) => kept.set(key, value),
    });
});
afterEach(() => vi.unstubAllGlobals());

it('comes up with what the address says', () => {
    const state = bench('case=7&sprayer=1&dose=high');
    expect([state.caseId, state.plantId, state.recipeSlug, state.makeText, state.unit, state.highEnd]).toEqual([
        7,
        4,
        'neem',
        '4',
        '[gal_us]',
        true,
    ]);
    expect(state.request).toMatchObject({
        recipe: 'neem',
        make: { amount: 4, unit: '[gal_us]' },
        sprayer: { amount: 4, unit: '[gal_us]' },
        highEnd: true,
        factor: 1,
        plant: 'tender-leaf',
    });
});

it('comes up with the smallest sprayer, and later with the one used last', () => {
    expect(bench().sprayerId).toBe(2);
    bench().pickSprayer(1);
    expect(bench().sprayerId).toBe(1);
});

it('asks nothing while what was typed is no number', () => {
    const state = bench();
    state.makeText = 'plenty';
    expect([state.request, state.typedFault]).toEqual([null, 'Write how much to make as a number, like 1.5.']);
    state.makeText = '1,5';
    expect(state.request?.make.amount).toBe(1.5);
    state.water = 'number';
    expect(state.request).toBeNull();
    state.hardnessText = '10';
    state.hardnessUnit = 'dH';
    expect(state.request?.water?.hardness?.amount).toBeCloseTo(178.48, 6);
});

it('sends no hardness where it is not known', () => {
    const state = bench();
    expect(state.request?.water).toBeUndefined();
    state.water = 'tap';
    expect(state.request?.water).toBeUndefined();
    state.water = 'rain';
    expect(state.request?.water?.hardness?.amount).toBe(5);
});

it('sends the whole document once it is not the shipped one any more', () => {
    const state = bench();
    state.pickRecipe('soap');
    expect(state.request?.recipe).toBe('soap');
    state.order = 'blender';
    expect(state.request?.recipe).toMatchObject({ slug: 'soap', order: 'blender' });
    state.order = null;
    state.extra = [{ ingredient: 'castile-soap', amount: 3, unit: 'mL' }];
    expect((state.request?.recipe as { lines: unknown[] }).lines).toHaveLength(2);
    state.pickRecipe('own');
    expect(state.extra).toEqual([]);
    expect(state.request?.recipe).toMatchObject({ slug: 'own' });
});

it('pours a drench into the soil unless somebody says otherwise', () => {
    const state = bench('plant=4');
    state.pickRecipe('drench');
    expect(state.onto).toBe('soil');
    state.intoSoil = false;
    expect(state.onto).toBe('tender-leaf');
});
