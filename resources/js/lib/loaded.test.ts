import { expect, it, vi } from 'vitest';
import { Fault } from './fault';
import { Loaded } from './loaded.svelte';

it('waits, is there, and keeps what was there when a later try fails', async () => {
    const answers: (() => Promise<number>)[] = [async () => 1, async () => Promise.reject(new Fault('/a', 'No.', 404)), async () => 3];
    const page = new Loaded(async () => (answers.shift() as () => Promise<number>)());
    expect(page.value).toBeNull();
    await vi.waitFor(() => expect([page.value, page.fault]).toEqual([1, null]));
    await page.reload();
    expect([page.value, page.fault?.message]).toEqual([1, 'No.']);
    await page.reload();
    expect([page.value, page.fault]).toEqual([3, null]);
});

it('puts what is no answer at all into words', async () => {
    const page = new Loaded(async () => Promise.reject(new TypeError('Failed to fetch')));
    await page.reload();
    expect(page.fault?.message).toContain('does not answer');
});
