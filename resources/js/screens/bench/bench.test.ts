import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server, storage } from '../../tests/page';
import { opening, recipe, shelf } from '../../tests/shelf';
import { BenchState } from './bench.svelte';

const bench = (query = ''): BenchState => new BenchState(shelf(), new URLSearchParams(query));

beforeEach(() => vi.stubGlobal('localStorage', storage()));
afterEach(() => vi.unstubAllGlobals());

it('asks nothing while what was typed is no number', () => {
    const state = bench();
    state.filling.makeText = 'plenty';
    expect([state.request, state.typedFault]).toEqual([null, 'Write how much to make: a number like 1.5, or “half a gallon”.']);
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
    state.mend({ ...nothing, make: { amount: 6, unit: 'L' } });
    expect([state.filling.makeText, state.filling.unit]).toEqual(['6', 'L']);
    state.filling.putBack();
    expect([state.filling.makeText, state.filling.unit]).toEqual(['4', '[gal_us]']);
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
    expect(state.fault?.message).toContain('a number like 1.5');
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
            : answer(200, { key: 'key-7', situation: { severity: 'some' } }),
    );
    const state = bench('case=7&recipe=neem');
    expect(state.offered.map((one) => one.slug)).toEqual(['neem', 'soap', 'drench', 'own']);
    await state.weighed.ask(7);
    expect(asked.map((one) => one.path)).toEqual(['/api/cases/7', '/api/cases/key-7/choice']);
    expect(state.offered.map((one) => one.slug)).toEqual(['own', 'neem', 'soap', 'drench']);
    expect(state.against).toEqual([]);
    state.pickRecipe('soap');
    expect(state.against).toEqual(['It does not reach them.']);
    expect(state.instead?.slug).toBe('own');
    state.pickCase(0);
    await state.weighed.ask(0);
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
