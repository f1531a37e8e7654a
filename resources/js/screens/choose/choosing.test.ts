import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server } from '../../tests/page';
import { Choosing } from './choosing.svelte';

const known = (): Schemas['KnownSituation'] => ({ severity: 'some', cupboard: null }) as unknown as Schemas['KnownSituation'];

afterEach(() => vi.unstubAllGlobals());

it('tells an empty cupboard from one that nobody spoke of', () => {
    const choosing = new Choosing({ id: 4, key: 'key-4' }, known());
    expect(choosing.cupboardSaid).toBe(false);
    choosing.put('neem-oil', true);
    choosing.put('castile-soap', true);
    choosing.put('neem-oil', true);
    expect(choosing.situation.cupboard).toEqual(['castile-soap', 'neem-oil']);
    choosing.put('neem-oil', false);
    choosing.put('castile-soap', false);
    expect(choosing.cupboardSaid).toBe(true);
    expect(choosing.has('neem-oil')).toBe(false);
});

it('asks for its case, with what was said', async () => {
    const asked = server(() => answer(200, { proposed: [], excluded: [] }));
    const choosing = new Choosing({ id: 4, key: 'key-4' }, known());
    choosing.put('neem-oil', true);
    choosing.ask(choosing.situation);
    await vi.waitFor(() => expect(choosing.choice.value).not.toBeNull());
    expect(asked).toEqual([{ path: '/api/cases/key-4/choice', method: 'POST', body: { severity: 'some', cupboard: ['neem-oil'] } }]);
});
