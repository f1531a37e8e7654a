import { afterEach, expect, it, vi } from 'vitest';
import { storage } from '../tests/page';
import { DeviceClock } from './clock';
import { Notebook } from './notebook.svelte';

const clock = new DeviceClock(
    () => Date.UTC(2026, 5, 1, 12),
    () => 0,
);
const from = (mark: string | null, more: Record<string, string> = {}, status = 200): Response =>
    new Response('{}', { status, headers: { ...(mark === null ? {} : { 'Notebook-Mark': mark }), ...more } });

afterEach(() => vi.unstubAllGlobals());

it('is the notebook of its page through every answer, and knows when another answers', () => {
    vi.stubGlobal('localStorage', storage());
    const notebook = new Notebook('a', clock);
    const told = vi.fn();
    notebook.onOther = told;
    notebook.hear(from('a'));
    notebook.hear(from(null));
    expect([notebook.mark, notebook.other, told.mock.calls.length]).toEqual(['a', false, 0]);
    notebook.hear(from('b'));
    // What is on the screen is still of the first.
    expect([notebook.mark, notebook.other, told.mock.calls.length]).toEqual(['a', true, 1]);
    // The page is opened anew: from its own words, or without a line from what was heard last.
    expect([new Notebook('b', clock).isNew, new Notebook(null, clock).mark, new Notebook('c', clock).isNew]).toEqual([false, 'b', true]);
});

it('says with what is written which notebook is meant, and with what waited when it was done', () => {
    vi.stubGlobal('localStorage', storage());
    const notebook = new Notebook('a', clock);
    const put = (acted = null as Parameters<Notebook['signed']>[1]): Record<string, string> =>
        Object.fromEntries(notebook.signed(new Request('http://127.0.0.1/api/x', { method: 'PUT', body: '{}' }), acted).headers);
    expect(put()).toMatchObject({ 'notebook-mark': 'a', 'device-clock': '2026-06-01T12:00:00.000Z' });
    expect(put()).not.toHaveProperty('acted-at');
    expect(put({ mark: 'old', at: '2026-06-01T09:00:00.000Z', known: { ahead: 86_400, drift: 3 } })).toMatchObject({
        'notebook-mark': 'old',
        'acted-at': '2026-06-01T09:00:00.000Z',
        'acted-ahead': '86400',
        'acted-drift': '3',
    });
    expect(put({ mark: 'old', at: '2026-06-01T09:00:00.000Z', known: null })).not.toHaveProperty('acted-ahead');
    const read = notebook.signed(new Request('http://127.0.0.1/api/x'));
    expect([read.headers.get('Notebook-Mark'), notebook.signed(read)]).toEqual([null, read]);
});

it('knows a refusal for another notebook from any other, and hears that the clock is off', () => {
    vi.stubGlobal('localStorage', storage());
    const notebook = new Notebook('a', clock);
    expect([
        notebook.isOfAnother(from('b', {}, 409), 'a'),
        notebook.isOfAnother(from('a', {}, 409), 'a'),
        notebook.isOfAnother(from('b'), 'a'),
    ]).toEqual([true, false, false]);
    notebook.hear(from('a', { 'Clock-Ahead': '86400' }));
    expect(notebook.ahead).toBe(86_400);
    notebook.hear(from('a'));
    expect(notebook.ahead).toBe(0);
});
