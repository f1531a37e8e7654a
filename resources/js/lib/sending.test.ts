import { expect, it } from 'vitest';
import { Fault } from './fault';
import { Sending } from './sending.svelte';

it('sends once while it is under way, and keeps the submission until the record is made', async () => {
    const sending = new Sending();
    const seen: string[] = [];
    let release: (value: string) => void = () => undefined;
    const first = sending.send((submission) => {
        seen.push(submission);
        return new Promise<string>((resolve) => (release = resolve));
    });
    expect(sending.busy).toBe(true);
    expect(await sending.send(() => Promise.resolve('second click'))).toBeNull();
    release('made');
    expect(await first).toBe('made');

    const fails = async (submission: string): Promise<never> => {
        seen.push(submission);
        throw new Fault('/value', 'no');
    };
    expect(await sending.send(fails)).toBeNull();
    expect(sending.fault?.message).toBe('no');
    expect(await sending.send(fails)).toBeNull();
    expect(seen[0]).not.toBe(seen[1]);
    expect(seen[1]).toBe(seen[2]);
});

it('says in words when nobody answers', async () => {
    const sending = new Sending();
    await sending.send(() => Promise.reject(new TypeError('Failed to fetch')));
    expect(sending.fault?.message).toContain('does not answer');
    expect(sending.busy).toBe(false);
});
