import { flushSync } from 'svelte';
import { afterEach, expect, it, vi } from 'vitest';
import { storage } from '../tests/page';
import { Form } from './form.svelte';

const blank = { text: '', untreated: false, seen: ['', ''] };

afterEach(() => vi.unstubAllGlobals());

/** Opens the form as a screen does, and closes it as a reload does. */
function opened<T>(use: (form: Form<typeof blank>) => T): T {
    let result: T | undefined;
    const close = $effect.root(() => {
        const form = new Form('count-of-case-1', blank);
        flushSync();
        result = use(form);
        flushSync();
    });
    close();
    return result as T;
}

it('keeps what is typed on the device until it is saved, with its submission', async () => {
    vi.stubGlobal('localStorage', storage());
    const seen: string[] = [];
    const lost = (submission: string): Promise<never> => {
        seen.push(submission);
        return Promise.reject(new TypeError('Failed to fetch'));
    };
    await opened((form) => {
        form.values.text = '3';
        form.values.seen[1] = 'clean';
        flushSync();
        return form.send(lost);
    });
    await opened((form) => {
        expect(form.restored).toBe(true);
        expect(form.values).toEqual({ text: '3', untreated: false, seen: ['', 'clean'] });
        return form.send(lost);
    });
    // Sent again after a reload it is the same record.
    expect(seen[0]).toBe(seen[1]);
    opened((form) => form.clear());
    opened((form) => {
        expect(form.restored).toBe(false);
        expect(form.values).toEqual(blank);
    });
});

it('takes nothing from the device that is not of its kind', () => {
    vi.stubGlobal('localStorage', storage());
    localStorage.setItem('idle-mixer-typed/count-of-case-1', '{"text":7,"untreated":true,"seen":"x","other":1}');
    opened((form) => expect(form.values).toEqual({ ...blank, untreated: true }));
    localStorage.setItem('idle-mixer-typed/count-of-case-1', '"odd"');
    opened((form) => expect(form.values).toEqual(blank));
});
