import type { Schemas } from '../lib/client';
import type { Shelf } from '../screens/bench/shelf';

/** What a bench is laid out from, made up for the tests. */
export function recipe(slug: string, more: Partial<Schemas['Recipe']> = {}): Schemas['Recipe'] {
    const document = { slug, order: 'all-together', use: 'foliar', lines: [{ ingredient: 'neem-oil', amount: 2, unit: '[tbs_us]' }] };
    return {
        slug,
        name: slug,
        use: 'foliar',
        shipped: true,
        for: [],
        forWords: [],
        stocks: [],
        document,
        ...more,
    } as unknown as Schemas['Recipe'];
}

export const opening = (more: Partial<Schemas['Opening']> = {}): Schemas['Opening'] => ({
    why: 'first',
    caseId: null,
    plantId: null,
    recipe: 'soap',
    recipeDocument: null,
    highEnd: false,
    factor: 1,
    sprayerId: null,
    make: null,
    hardnessMgL: null,
    celsius: null,
    agitation: null,
    note: null,
    to: null,
    first: { bench: {}, answer: { plan: {}, mending: null } } as unknown as Schemas['Opening']['first'],
    ...more,
});

export function shelf(): Shelf {
    const vessel = (id: number, amount: number, unit: string, mL: number): Schemas['Sprayer'] =>
        ({ id, name: `can ${id}`, holds: { amount, unit }, fill: { amount, unit }, words: '', mL, retired: false }) as Schemas['Sprayer'];
    return {
        opening: opening(),
        jars: [],
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
        plants: [{ id: 4, name: 'Zinnia', tolerance: 'tender-leaf', onBench: 'no-oil-leaf' }] as Schemas['Plant'][],
        sprayers: [vessel(1, 4, '[gal_us]', 15141.6), vessel(2, 1, 'L', 1000)],
        kit: [{ amount: 1, unit: '[tbs_us]', words: 'blue spoon', name: 'blue spoon' }],
        scaleGrams: null,
        own: [],
        cases: [{ id: 7, pest: 'aphids', pestName: 'Aphids', plant: { id: 4 } }] as unknown as Schemas['CaseBrief'][],
    };
}
