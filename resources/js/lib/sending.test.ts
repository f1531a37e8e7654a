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

const conflict = { kind: 'counts', id: 9, version: 1, fields: [] };

it('corrects what had arrived under a lost answer to what is here now', async () => {
    const sending = new Sending();
    const savedBefore = (): Promise<never> => Promise.reject(new Fault('/submission', 'Saved before.', 409, conflict));
    const corrected = await sending.send(savedBefore, (saved) => Promise.resolve(saved.id));
    expect(corrected).toBe(9);
    expect(sending.mended).toEqual(conflict);

    // Where it cannot be corrected, the person chooses: the next try makes another record.
    const seen: string[] = [];
    const plain = async (submission: string): Promise<never> => {
        seen.push(submission);
        return savedBefore();
    };
    await sending.send(plain);
    expect(sending.fault?.isSavedBefore).toBe(true);
    sending.another();
    await sending.send(plain);
    expect(seen[0]).not.toBe(seen[1]);
});

it('bases the next try on what is saved once that was chosen', async () => {
    const sending = new Sending();
    const based: number[] = [];
    const how = (_: string, basedOn: (version: number) => number): Promise<string> => {
        based.push(basedOn(4));
        return based.length === 1
            ? Promise.reject(new Fault('/basedOn', 'Changed.', 409, { ...conflict, version: 7 }))
            : Promise.resolve('ok');
    };
    expect(await sending.send(how)).toBeNull();
    sending.mine();
    expect(await sending.send(how)).toBe('ok');
    await sending.send(how);
    expect(based).toEqual([4, 7, 4]);
});
