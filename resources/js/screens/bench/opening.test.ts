import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server, storage } from '../../tests/page';
import { opening, shelf } from '../../tests/shelf';
import { BenchState } from './bench.svelte';

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
