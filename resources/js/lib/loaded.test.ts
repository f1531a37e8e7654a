import { expect, it, vi } from 'vitest';
import { taken } from './client';
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
    const page = new Loaded(() => taken(Promise.reject(new TypeError('Failed to fetch'))));
    await page.reload();
    expect(page.fault?.message).toContain('does not answer');
});

it('does not blame the machine that serves for a fault of the script', async () => {
    const page = new Loaded(async () => Promise.reject(new TypeError('one is null')));
    await page.reload();
    expect(page.fault?.message).toContain('This screen failed');
});

it('lets go of an answer that a newer one has overtaken, and of an old fault', async () => {
    const waiting: { give: (value: string) => void; fail: (why: Error) => void }[] = [];
    const page = new Loaded(() => new Promise<string>((give, fail) => waiting.push({ give, fail })));
    const second = page.reload();
    const third = page.reload();
    waiting[1]?.give('newer');
    await second;
    expect(page.value).toBe('newer');
    waiting[0]?.give('old');
    await Promise.resolve();
    await new Promise((done) => setTimeout(done));
    expect(page.value).toBe('newer');
    waiting[2]?.fail(new Fault('', 'No.'));
    await third;
    expect([page.value, page.fault?.message]).toEqual(['newer', 'No.']);
    const fourth = page.reload();
    const fifth = page.reload();
    waiting[4]?.give('newest');
    await fifth;
    waiting[3]?.fail(new Fault('', 'too late'));
    await fourth;
    expect([page.value, page.fault]).toEqual(['newest', null]);
});
