import { expect, it, vi } from 'vitest';
import { storage } from '../tests/page';
import { Fault } from './fault';
import { Kept } from './kept';
import { Sending } from './sending.svelte';
import { undo } from './undo.svelte';

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

const conflict = { kind: 'counts', id: 9, key: 'key-9', version: 1, fields: [] };

const savedBefore = (): Promise<never> => Promise.reject(new Fault('/submission', 'Saved before.', 409, conflict));
const lost = (): Promise<never> => Promise.reject(new TypeError('Failed to fetch'));

it('corrects what had arrived under a lost answer to what is here now', async () => {
    const sending = new Sending();
    await sending.send(lost);
    // A refusal in between says nothing of whether the first had arrived.
    await sending.send(() => Promise.reject(new Fault('/value', 'No number.', 422)));
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

it('corrects nothing by itself that it never sent without an answer', async () => {
    const sending = new Sending();
    let corrected = 0;
    expect(
        await sending.send(savedBefore, () => {
            corrected++;
            return Promise.resolve('x');
        }),
    ).toBeNull();
    expect([corrected, sending.held, sending.fault?.isSavedBefore]).toEqual([0, true, true]);
});

it('keeps the submission on the device only while it may have arrived', async () => {
    vi.stubGlobal('localStorage', storage());
    const kept = new Kept('one');
    const refused = new Sending(kept);
    await refused.send(() => Promise.reject(new Fault('', 'The disk is full.', 507)));
    expect(kept.read()).toBeNull();
    await refused.send(lost);
    const submission = kept.read();
    const seen: string[] = [];
    await new Sending(kept).send((one) => {
        seen.push(one);
        return Promise.resolve('made');
    });
    expect(seen).toEqual([submission]);
    expect(kept.read()).toBeNull();
    vi.unstubAllGlobals();
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

it('takes what waits on this device for saved: no fault, and the next entry is a record of its own', async () => {
    const sending = new Sending();
    const submissions: string[] = [];
    const made = await sending.send(async (submission) => {
        submissions.push(submission);
        return Promise.reject(new Fault('', 'It waits.', 0, null, true));
    });
    expect([made, sending.fault, sending.waits, sending.busy]).toEqual([null, null, 'It waits.', false]);
    await sending.send(async (submission) => {
        submissions.push(submission);
        return 1;
    });
    expect(submissions[0]).not.toBe(submissions[1]);
    expect(sending.waits).toBe('');
});

it('has the screens fetch anew where another is shown by the time it was saved', async () => {
    const refresh = vi.spyOn(undo, 'refresh').mockResolvedValue();
    vi.stubGlobal('location', { pathname: '/cases/1' });
    const sending = new Sending();
    await sending.send(() => Promise.resolve('made'));
    expect(refresh).not.toHaveBeenCalled();
    await sending.send(() => {
        vi.stubGlobal('location', { pathname: '/' });
        return Promise.resolve('made');
    });
    expect(refresh).toHaveBeenCalledTimes(1);
    // Nothing was saved: nothing is new.
    await sending.send(() => {
        vi.stubGlobal('location', { pathname: '/plants' });
        return Promise.reject(new Fault('', 'no', 422));
    });
    expect(refresh).toHaveBeenCalledTimes(1);
    vi.unstubAllGlobals();
    refresh.mockRestore();
});

it('says that it is held while it is under way and while two versions wait for a choice', async () => {
    const sending = new Sending();
    expect(sending.held).toBe(false);
    await sending.send(() => Promise.reject(new Fault('', 'changed', 409, conflict)));
    expect([sending.held, sending.busy]).toEqual([true, false]);
    const based: number[] = [];
    sending.mine();
    expect([sending.held, sending.fault]).toEqual([false, null]);
    await sending.send((_, basedOn) => Promise.resolve(based.push(basedOn(7))));
    await sending.send((_, basedOn) => Promise.resolve(based.push(basedOn(7))));
    // Once it is saved, the next is based on what is on the screen.
    expect(based).toEqual([1, 7]);
    const seen: string[] = [];
    await sending.send((submission) => (seen.push(submission), Promise.reject(new Fault('', 'no', 422))));
    sending.another();
    expect(sending.fault).toBeNull();
    await sending.send((submission) => (seen.push(submission), Promise.resolve(1)));
    expect(seen[0]).not.toBe(seen[1]);
});
