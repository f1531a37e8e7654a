import { afterEach, expect, it, vi } from 'vitest';
import { answer, server } from '../../tests/page';
import { Seen } from './seen.svelte';

afterEach(() => vi.unstubAllGlobals());

it('asks anew at each sign, and tells a sign that is not there from one not looked for', async () => {
    const asked = server(() => answer(200, { suspects: [] }));
    const seen = new Seen();
    seen.toggle('honeydew');
    seen.answer('webbing', false);
    expect(seen.isSeen('honeydew')).toBe(true);
    expect(seen.isSeen('webbing')).toBe(false);
    seen.toggle('honeydew');
    await vi.waitFor(() => expect(asked).toHaveLength(4));
    expect(asked.map((one) => one.body)).toEqual([
        { seen: {}, plantId: null },
        { seen: { honeydew: true }, plantId: null },
        { seen: { honeydew: true, webbing: false }, plantId: null },
        { seen: { webbing: false }, plantId: null },
    ]);
    seen.clear();
    await vi.waitFor(() => expect(asked.at(-1)?.body).toEqual({ seen: {}, plantId: null }));
});

it('asks anew once somebody says which plant it is', async () => {
    const asked = server(() => answer(200, { suspects: [] }));
    const seen = new Seen(3);
    seen.plant = 3;
    seen.plant = 5;
    await vi.waitFor(() => expect(asked).toHaveLength(2));
    expect(asked.map((one) => one.body)).toEqual([
        { seen: {}, plantId: 3 },
        { seen: {}, plantId: 5 },
    ]);
});
