import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server, storage } from '../../tests/page';
import { BenchState } from './bench.svelte';
import type { Shelf } from './shelf';

function recipe(slug: string, more: Partial<Schemas['Recipe']> = {}): Schemas['Recipe'] {
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

const opening = (more: Partial<Schemas['Opening']> = {}): Schemas['Opening'] => ({
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
    first: { bench: {}, answer: { plan: {}, mending: null } } as unknown as Schemas['Opening']['first'],
    ...more,
});

function shelf(): Shelf {
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
        cases: [{ id: 7, pest: 'aphids', pestName: 'Aphids', plant: { id: 4 } }] as unknown as Schemas['CaseBrief'][],
    };
}

const bench = (query = ''): BenchState => new BenchState(shelf(), new URLSearchParams(query));

beforeEach(() => vi.stubGlobal('localStorage', storage()));
afterEach(() => vi.unstubAllGlobals());

it('comes up with what the address says', () => {
    const state = bench('case=7&recipe=neem&sprayer=1&dose=high');
    expect([state.caseId, state.plantId, state.recipeSlug, state.filling.makeText, state.filling.unit, state.highEnd]).toEqual([
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
        plant: 'no-oil-leaf',
    });
});

it('comes up with the smallest sprayer, and later with the one used last', () => {
    expect(bench().filling.sprayerId).toBe(2);
    bench().filling.pickSprayer(1);
    expect(bench().filling.sprayerId).toBe(1);
});

it('asks nothing while what was typed is no number', () => {
    const state = bench();
    state.filling.makeText = 'plenty';
    expect([state.request, state.typedFault]).toEqual([null, 'Write how much to make as a number, like 1.5.']);
    state.filling.makeText = '1,5';
    expect(state.request?.make.amount).toBe(1.5);
    state.water.kind = 'number';
    expect(state.request).toBeNull();
    state.water.hardnessText = '10';
    state.water.hardnessUnit = 'dH';
    expect(state.request?.water?.hardness?.amount).toBeCloseTo(178.48, 6);
});

it('sends no hardness where it is not known', () => {
    const state = bench();
    expect(state.request?.water).toBeUndefined();
    state.water.kind = 'tap';
    expect(state.request?.water).toBeUndefined();
    state.water.kind = 'rain';
    expect(state.request?.water?.hardness?.amount).toBe(5);
});

it('sends the whole document once it is not the shipped one any more', () => {
    const state = bench();
    state.pickRecipe('soap');
    expect(state.request?.recipe).toBe('soap');
    state.order = 'blender';
    expect(state.request?.recipe).toMatchObject({ slug: 'soap', order: 'blender' });
    state.order = null;
    // What is mixed otherwise goes whole, and is let go with its recipe.
    const document = { slug: 'soap', order: 'all-together', lines: [{ ingredient: 'castile-soap', amount: 3, unit: 'mL' }] };
    state.own = document as unknown as Schemas['RecipeDocument'];
    expect([state.changed, state.request?.recipe]).toEqual([true, document]);
    state.pickRecipe('own');
    expect([state.own, state.changed]).toEqual([null, false]);
    expect(state.request?.recipe).toMatchObject({ slug: 'own' });
});

it('opens on the same again: spray, dose, volume, sprayer and water as they were', () => {
    const document = { slug: 'neem', order: 'blender', use: 'foliar', lines: [] } as unknown as Schemas['RecipeDocument'];
    const make = { amount: 0.75, unit: '[gal_us]' as const };
    const again = opening({
        why: 'again',
        recipe: 'neem',
        recipeDocument: document,
        factor: 0.5,
        sprayerId: 1,
        make,
        hardnessMgL: 5,
        caseId: 7,
    });
    const state = new BenchState({ ...shelf(), opening: again }, new URLSearchParams('again=12'));
    expect([
        state.caseId,
        state.plantId,
        state.recipeSlug,
        state.filling.sprayerId,
        state.filling.makeText,
        state.filling.unit,
        state.factor,
    ]).toEqual([7, 4, 'neem', 1, '0.75', '[gal_us]', 0.5]);
    expect([state.request?.recipe, state.water.kind]).toEqual([document, 'rain']);
});

it('lets the address speak before the opening, and keeps the volume that it names', () => {
    const make = { amount: 0.75, unit: '[gal_us]' as const };
    const set = { ...shelf(), opening: opening({ recipe: 'neem', sprayerId: 1, make, highEnd: true, caseId: 7 }) };
    const state = new BenchState(set, new URLSearchParams('recipe=own&sprayer=2&make=0.4&unit=L'));
    expect([state.caseId, state.recipeSlug, state.highEnd, state.filling.sprayerId, state.filling.makeText, state.filling.unit]).toEqual([
        0,
        'own',
        false,
        2,
        '0.4',
        'L',
    ]);
    // What is set is what the address says, there and back.
    const same = new BenchState(set, new URLSearchParams(state.address));
    expect(same.request).toEqual(state.request);
});

it('does what mends the spray, and only that', () => {
    const state = bench('sprayer=1');
    const nothing = {
        about: '',
        kind: 'volume' as const,
        words: '',
        recipe: null,
        make: null,
        highEnd: null,
        factor: null,
        hardness: null,
        everyDays: null,
    };
    state.mend({ ...nothing, make: { amount: 3, unit: '[gal_us]' } });
    expect([state.filling.makeText, state.filling.canPutBack]).toEqual(['3', true]);
    state.filling.putBack();
    expect([state.filling.makeText, state.filling.canPutBack]).toEqual(['4', false]);
    state.mend({ ...nothing, factor: 0.5 });
    state.mend({ ...nothing, hardness: 5 });
    state.mend({ ...nothing, everyDays: 7 });
    expect([state.factor, state.water.kind, state.day.everyDays, state.filling.makeText]).toEqual([0.5, 'rain', '7', '4']);
    const recipe = { slug: 'soap', order: 'all-together', lines: [] } as unknown as Schemas['RecipeDocument'];
    state.highEnd = true;
    state.mend({ ...nothing, recipe });
    expect([state.own, state.highEnd]).toEqual([recipe, false]);
});

it('pours a drench where the recipe is for unless somebody says otherwise, and takes a plant for what it bears', () => {
    const state = bench('plant=4');
    expect(state.onto).toBe('no-oil-leaf');
    state.pickRecipe('drench');
    expect(state.onto).toBeUndefined();
    state.soil = 'planted-soil';
    expect(state.onto).toBe('planted-soil');
});

it('pours from the newest jar of the stock, and leaves its making out of the steps', () => {
    const jar = {
        id: 9,
        slug: 'a-stock',
        name: 'A stock',
        leftMl: 80,
        leftWords: '80 mL',
        madeAt: '2026-06-01T10:00:00Z',
        discardAt: null,
    };
    const stocks = [{ slug: 'a-stock', name: 'A stock', mL: 100, words: '100 mL', document: {} }] as unknown as Schemas['Recipe']['stocks'];
    const set = {
        ...shelf(),
        jars: [jar],
        recipes: [recipe('poured', { stocks }), recipe('soap')],
        opening: opening({ recipe: 'poured' }),
    };
    const state = new BenchState(set, new URLSearchParams());
    expect([state.jarId, state.bench?.stockReady]).toEqual([9, true]);
    state.jarId = 0;
    expect(state.bench?.stockReady).toBeUndefined();
    state.pickRecipe('soap');
    expect(state.jars).toEqual([]);
});

it('asks with one bench: the request and the day in it, and the named spoons, the scale, the hand and the work beside it', async () => {
    const asked = server(() => answer(200, { plan: { verdicts: [] }, mending: null }));
    const state = new BenchState({ ...shelf(), scaleGrams: 0.5, hand: { coarseness: 1.4, readings: 3 } }, new URLSearchParams());
    state.agitation = 'whisk';
    state.day.air = '30';
    state.day.inFlower = true;
    state.replan(state.bench);
    await vi.waitFor(() => expect(state.plan).not.toBeNull());
    expect(asked).toEqual([
        {
            path: '/api/bench',
            method: 'POST',
            body: {
                request: state.request,
                measures: [{ amount: 1, unit: '[tbs_us]', name: 'blue spoon' }],
                scale: 0.5,
                hand: 1.4,
                agitation: 'whisk',
            },
        },
    ]);
    expect(state.request).toMatchObject({ circumstances: { celsius: 30, inFlower: true } });
    expect(state.request).not.toHaveProperty('measures');
});

it('shows no plan while what is typed is wrong, and says what', async () => {
    server(() => answer(200, { plan: { verdicts: [] }, mending: null }));
    const state = bench();
    state.replan(state.bench);
    await vi.waitFor(() => expect(state.plan).not.toBeNull());
    state.filling.makeText = 'a bucket';
    state.replan(state.bench);
    expect(state.plan).toBeNull();
    expect(state.fault?.message).toContain('as a number, like 1.5');
    state.filling.makeText = '1';
    state.day.everyDays = 'often';
    state.replan(state.bench);
    expect(state.fault?.message).toContain('temperature and days as numbers');
});

it('shows what the server refuses in place of a plan', async () => {
    server(() => answer(422, { error: { path: '/make/amount', message: 'A volume to make may be 10 mL to 10,000 L.' } }));
    const state = bench();
    state.replan(state.bench);
    await vi.waitFor(() => expect(state.fault).not.toBeNull());
    expect([state.plan, state.fault?.path]).toEqual([null, '/make/amount']);
});

it('puts what fits the case first, best first, and says what speaks against the rest', async () => {
    const asked = server(({ path }) =>
        path.endsWith('/choice')
            ? answer(200, {
                  proposed: [{ slug: 'own' }, { slug: 'neem' }],
                  excluded: [{ slug: 'soap', reasons: ['It does not reach them.'] }],
              })
            : answer(200, { situation: { severity: 'some' } }),
    );
    const state = bench('case=7&recipe=neem');
    expect(state.offered.map((one) => one.slug)).toEqual(['neem', 'soap', 'drench', 'own']);
    await state.weigh(7);
    expect(asked.map((one) => one.path)).toEqual(['/api/cases/7', '/api/cases/7/choice']);
    expect(state.offered.map((one) => one.slug)).toEqual(['own', 'neem', 'soap', 'drench']);
    expect(state.against).toEqual([]);
    state.pickRecipe('soap');
    expect(state.against).toEqual(['It does not reach them.']);
    expect(state.instead?.slug).toBe('own');
    state.pickCase(0);
    await state.weigh(0);
    expect(state.against).toEqual([]);
});

it('takes bloom and harvest from the plant, and the fill that is sensible from the sprayer', () => {
    const set = shelf();
    set.plants = [{ id: 4, name: 'Bean', tolerance: 'ordinary-leaf', inFlower: true, pickedInDays: 5 }] as Schemas['Plant'][];
    const sprayer = set.sprayers[0];
    if (sprayer !== undefined) {
        sprayer.fill = { amount: 3.5, unit: '[gal_us]' };
    }
    const state = new BenchState(set, new URLSearchParams('sprayer=1'));
    expect(state.filling.makeText).toBe('3.5');
    expect(state.request?.sprayer).toEqual({ amount: 3.5, unit: '[gal_us]' });
    state.pickPlant(4);
    expect(state.request?.circumstances).toEqual({ inFlower: true });
    expect(state.bench?.pickedInDays).toBe(5);
});

it('reads strip and thermometer into the request', async () => {
    server(() => answer(200, { hardnessMgL: 250, celsius: 18.5 }));
    const state = bench();
    state.water.kind = 'number';
    state.water.hardnessText = '0';
    expect(state.request?.water).toEqual({ hardness: { amount: 0, unit: 'mg/L' } });
    await state.water.read();
    expect(state.request?.water).toEqual({ hardness: { amount: 250, unit: 'mg/L' }, temperature: { amount: 18.5, unit: 'Cel' } });
});

it('takes the plan that came along where it asks for just that, and asks anew for anything else', async () => {
    const asked = server(() => answer(200, { plan: { finished_mL: 2 }, mending: null }));
    const plain = bench('sprayer=1');
    const mine = plain.bench;
    const keys = Object.fromEntries(Object.entries(mine ?? {}).reverse());
    const first = { bench: keys, answer: { plan: { finished_mL: 1 }, mending: null } } as unknown as Schemas['Opening']['first'];
    const state = new BenchState({ ...shelf(), opening: opening({ first }) }, new URLSearchParams('sprayer=1'));
    state.replan(state.bench);
    expect([state.plan?.finished_mL, asked]).toEqual([1, []]);
    state.filling.makeText = '3';
    state.replan(state.bench);
    await vi.waitFor(() => expect(state.plan?.finished_mL).toBe(2));
    expect(asked).toHaveLength(1);
});
