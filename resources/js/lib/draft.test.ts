import { afterEach, expect, it, vi } from 'vitest';
import { storage } from '../tests/page';
import { Draft } from './draft.svelte';

afterEach(() => vi.unstubAllGlobals());

it('keeps what is typed on the device until it is saved or let go', () => {
    vi.stubGlobal('localStorage', storage());
    let text = 'saved';
    const draft = (): Draft => {
        text = 'saved';
        return new Draft(
            'one',
            () => text,
            (next) => (text = next),
        );
    };
    const first = draft();
    text = 'typed';
    first.keep();
    const again = draft();
    expect(text).toBe('saved');
    again.takeUp();
    expect([text, again.restored]).toEqual(['typed', true]);
    again.clear();
    expect([text, again.restored]).toEqual(['saved', false]);
    draft().takeUp();
    expect(text).toBe('saved');

    text = 'typed once more';
    first.keep();
    first.settle();
    draft().takeUp();
    expect(text).toBe('saved');
});
