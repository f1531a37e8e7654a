import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server } from '../../tests/page';
import { Choosing } from './choosing.svelte';

const known = (): Schemas['KnownSituation'] => ({ severity: 'some' }) as unknown as Schemas['KnownSituation'];

afterEach(() => vi.unstubAllGlobals());

it('asks for its case, with what was said', async () => {
    const asked = server(() => answer(200, { proposed: [], excluded: [] }));
    const choosing = new Choosing({ id: 4, key: 'key-4' }, known());
    choosing.ask(choosing.situation);
    await vi.waitFor(() => expect(choosing.choice.value).not.toBeNull());
    expect(asked).toEqual([{ path: '/api/cases/key-4/choice', method: 'POST', body: { severity: 'some' } }]);
});
