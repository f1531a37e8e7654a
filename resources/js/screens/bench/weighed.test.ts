import { afterEach, expect, it, vi } from 'vitest';
import { answer, server } from '../../tests/page';
import { Weighed } from './weighed.svelte';

afterEach(() => vi.unstubAllGlobals());

it('asks the rules about the case as it stands, and says which spray fits and why another does not', async () => {
    const proposed = [{ slug: 'plain-soap' }];
    const asked = server(({ method }) =>
        method === 'GET'
            ? answer(200, { key: 'key-7', situation: { severity: 'heavy' } })
            : answer(200, { proposed, excluded: [{ slug: 'winter-wood-oil', reasons: ['It has leaves.'] }] }),
    );
    const weighed = new Weighed();
    expect([weighed.proposed, weighed.against('winter-wood-oil')]).toEqual([undefined, []]);
    await weighed.ask(7);
    expect(asked.map((one) => [one.method, one.path, one.body])).toEqual([
        ['GET', '/api/cases/7', null],
        ['POST', '/api/cases/key-7/choice', { severity: 'heavy' }],
    ]);
    expect([weighed.proposed, weighed.against('winter-wood-oil'), weighed.against('plain-soap')]).toEqual([
        proposed,
        ['It has leaves.'],
        [],
    ]);
    await weighed.ask(0);
    expect([asked.length, weighed.proposed, weighed.against('winter-wood-oil')]).toEqual([2, undefined, []]);
});
