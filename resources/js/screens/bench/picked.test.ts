import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server, storage } from '../../tests/page';
import { opening, recipe, shelf } from '../../tests/shelf';
import { BenchState, recipeIsDrench } from './bench.svelte';
import type { Shelf } from './shelf';

const stock = vi.hoisted((): { sprayers: unknown[] } => ({ sprayers: [] }));
vi.mock('./shelf', () => ({ fetchVessels: () => Promise.resolve({ sprayers: stock.sprayers, kit: [], scaleGrams: 2 }) }));

const bench = (query = '', more: Partial<Shelf> = {}): BenchState => new BenchState({ ...shelf(), ...more }, new URLSearchParams(query));

beforeEach(() => vi.stubGlobal('localStorage', storage()));
afterEach(() => vi.unstubAllGlobals());

it('lays out what the opening offers, unless the address asks for a spray of its own', () => {
    const document = { slug: 'soap', order: 'blender', lines: [] } as unknown as Schemas['RecipeDocument'];
    const offered = opening({
        caseId: 7,
        plantId: 4,
        recipeDocument: document,
        highEnd: true,
        factor: 0.5,
        agitation: 'whisk',
        hardnessMgL: 5,
        celsius: 12,
    });
    const state = bench('', { opening: offered });
    expect([state.caseId, state.plantId, state.recipeSlug, state.own, state.highEnd, state.factor, state.agitation]).toEqual([
        7,
        4,
        'soap',
        document,
        true,
        0.5,
        'whisk',
    ]);
    expect([state.water.kind, state.water.celsius, state.orderNow, state.changed]).toEqual(['rain', 12, 'blender', true]);
    const asked = bench('recipe=neem', { opening: offered });
    expect([asked.caseId, asked.plantId, asked.recipeSlug, asked.own, asked.highEnd, asked.factor, asked.agitation]).toEqual([
        0,
        0,
        'neem',
        null,
        false,
        1,
        'hand-shake',
    ]);
    // A spray that nobody has is none that was asked for.
    expect(bench('recipe=moonshine', { opening: offered }).own).toEqual(document);
});

it('takes the dose, the case and the plant of the address, and the plant of the case', () => {
    const high = bench('recipe=neem&dose=high&case=7');
    expect([high.highEnd, high.factor, high.caseId, high.plantId, high.case?.pestName]).toEqual([true, 1, 7, 4, 'Aphids']);
    const half = bench('recipe=neem&dose=half&plant=4');
    expect([half.highEnd, half.factor, half.caseId, half.plantId]).toEqual([false, 0.5, 0, 4]);
    expect(bench('recipe=neem&dose=half&times=0.75').factor).toBe(0.75);
    expect(bench('recipe=neem&times=x&case=y&plant=99')).toMatchObject({ factor: 1, caseId: 0, plantId: 0 });
});

it('has something on the bench where the opening has nothing, and nothing where there is nothing', () => {
    expect(bench('', { opening: opening({ recipe: '' }) }).recipeSlug).toBe('soap');
    const bare = bench('', { opening: opening({ recipe: '' }), recipes: [] });
    expect([bare.recipeSlug, bare.recipe, bare.document, bare.orderNow, bare.changed, bare.jars]).toEqual([
        '',
        undefined,
        undefined,
        'all-together',
        false,
        [],
    ]);
    expect([recipeIsDrench(undefined), recipeIsDrench(recipe('x', { use: 'drench' })), recipeIsDrench(recipe('x'))]).toEqual([
        false,
        true,
        false,
    ]);
});

it('makes a recipe of one’s own as it was written where there is no sprayer', () => {
    const own = recipe('own', { shipped: false });
    own.document.basis = { amount: 3, unit: '[qt_us]', of: 'water' };
    const set = { recipes: [own, recipe('soap')], opening: opening({ recipe: 'own' }) };
    const alone = bench('recipe=own', { ...set, sprayers: [] });
    expect([alone.filling.makeText, alone.filling.unit]).toEqual(['3', '[qt_us]']);
    const sprayer = bench('recipe=own', set);
    expect([sprayer.filling.makeText, sprayer.filling.unit]).toEqual(['1', 'L']);
    const shipped = bench('recipe=own', { ...set, sprayers: [], recipes: [{ ...own, shipped: true }] });
    expect([shipped.filling.makeText, shipped.filling.unit]).toEqual(['1', '[qt_us]']);
});

it('begins anew with each spray: full strength, its own order and its own jar', () => {
    const state = bench('recipe=neem&dose=high');
    state.order = 'blender';
    state.factor = 0.5;
    expect([state.changed, state.orderNow]).toEqual([true, 'blender']);
    state.order = 'all-together';
    // The order that it has anyway changes nothing.
    expect(state.changed).toBe(false);
    state.order = 'blender';
    state.pickRecipe('soap');
    expect([state.recipeSlug, state.order, state.highEnd, state.factor, state.own, state.jarId]).toEqual(['soap', null, false, 1, null, 0]);
});

it('takes a spray at the dose in which it is proposed', () => {
    const state = bench();
    const option = { slug: 'neem', highEnd: true, half: false } as Schemas['Choice']['proposed'][number];
    state.take(option);
    expect([state.recipeSlug, state.highEnd, state.factor]).toEqual(['neem', true, 1]);
    state.take({ ...option, highEnd: false, half: true });
    expect([state.highEnd, state.factor]).toEqual([false, 0.5]);
});

it('takes with a case its plant and the spray that fits first, and leaves the plant without one', () => {
    const state = bench('recipe=soap&plant=4');
    state.pickCase(7);
    expect([state.caseId, state.plantId, state.recipeSlug]).toEqual([7, 4, 'neem']);
    expect(state.fitting.map((one) => one.slug)).toEqual(['neem']);
    state.pickCase(0);
    expect([state.caseId, state.plantId, state.fitting, state.offered[0]?.slug]).toEqual([0, 4, [], 'soap']);
    state.pickPlant(0);
    expect([state.plant, state.onto]).toEqual([undefined, undefined]);
});

it('says what speaks against filling the sprayer, but not of its own rest or of a cup', () => {
    const memory = { code: 'unwashed', last: 'neem', words: 'Neem was in it.' } as unknown as Schemas['SprayerMemory'];
    const set = shelf();
    const state = bench('recipe=soap&sprayer=2', { sprayers: set.sprayers.map((one) => ({ ...one, memory })) });
    expect(state.memory).toEqual(memory);
    state.pickRecipe('neem');
    expect(state.memory).toBeNull();
    state.pickRecipe('soap');
    state.filling.cup = true;
    expect(state.memory).toBeNull();
    state.filling.cup = false;
    state.filling.pickSprayer(0);
    expect(state.memory).toBeNull();
    const killer = { ...memory, code: 'weed-killer' } as unknown as Schemas['SprayerMemory'];
    expect(bench('recipe=neem&sprayer=2', { sprayers: set.sprayers.map((one) => ({ ...one, memory: killer })) }).memory).toEqual(killer);
});

it('says what this household found of the spray against that pest', () => {
    const own = [{ pest: 'aphids', slug: 'neem', words: 'Worked three times of four.' }] as unknown as Shelf['own'];
    expect(bench('recipe=neem&case=7', { own }).found).toBe('Worked three times of four.');
    expect(bench('recipe=soap&case=7', { own }).found).toBe('');
    expect(bench('recipe=neem', { own }).found).toBe('');
});

it('shows the rounder amount that was offered, and makes it', async () => {
    server(() => answer(200, { plan: {}, mending: { words: 'x' }, easier: { make: { amount: 2, unit: 'L' } } }));
    const state = bench('sprayer=2');
    expect([state.plan, state.mending, state.easier, state.fault]).toEqual([null, null, null, null]);
    state.makeRound();
    expect(state.filling.canPutBack).toBe(false);
    state.replan(state.bench);
    await vi.waitFor(() => expect(state.easier).not.toBeNull());
    expect(state.mending).toEqual({ words: 'x' });
    state.makeRound();
    expect([state.filling.makeText, state.filling.unit, state.filling.canPutBack]).toEqual(['2', 'L', true]);
    server(() => answer(422, { error: { path: '', message: 'No.' } }));
    state.replan(state.bench);
    await vi.waitFor(() => expect(state.fault?.message).toBe('No.'));
    expect([state.plan, state.mending, state.easier]).toEqual([null, null, null]);
});

it('takes the plan that its page came with, and asks for any other', async () => {
    const asked = server(() => answer(200, { plan: { verdicts: [] }, mending: null }));
    const state = bench('recipe=soap&sprayer=2');
    const first = { bench: state.bench, answer: { plan: { verdicts: ['here'] }, mending: null } } as unknown as Schemas['Opening']['first'];
    state.shelf = { ...state.shelf, opening: opening({ first }) };
    state.replan(state.bench);
    expect([state.plan, asked.length]).toEqual([{ verdicts: ['here'] }, 0]);
    state.filling.makeText = '0.5';
    state.replan(state.bench);
    await vi.waitFor(() => expect(asked).toHaveLength(1));
    state.replan(null);
    expect([state.plan, state.fault]).toEqual([null, null]);
});

it('has a sprayer that was bought meanwhile at hand, and leaves it where none was', async () => {
    const vessels = shelf().sprayers;
    stock.sprayers = vessels;
    const state = bench('sprayer=1');
    await state.restock();
    expect(state.filling.sprayerId).toBe(1);
    stock.sprayers = [...vessels, { ...vessels[1], id: 3, name: 'new' } as Schemas['Sprayer']];
    await state.restock();
    expect([state.filling.sprayerId, state.shelf.sprayers.length, state.shelf.scaleGrams]).toEqual([3, 3, 2]);
});

it('names nothing in place of a spray that is proposed', () => {
    const state = bench('recipe=neem&case=7');
    expect([state.against, state.instead]).toEqual([[], null]);
    expect(state.address).toContain('recipe=neem');
});
