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
        { seen: {} },
        { seen: { honeydew: true } },
        { seen: { honeydew: true, webbing: false } },
        { seen: { webbing: false } },
    ]);
    seen.clear();
    await vi.waitFor(() => expect(asked.at(-1)?.body).toEqual({ seen: {} }));
});
