import { afterEach, expect, it, vi } from 'vitest';
import { answer, server } from '../tests/page';
import { Fault } from './fault';
import { arrived, Undo } from './undo.svelte';

const leave = vi.hoisted((): (() => void)[] => []);
vi.mock('svelte', async (real) => ({ ...(await real<object>()), onDestroy: (left: () => void) => leave.push(left) }));

const history = { version: 5, takenBack: true, changes: [] };

afterEach(() => {
    vi.unstubAllGlobals();
    leave.length = 0;
});

it('takes back what was saved, and puts it back again', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.made('counts', { id: 7, key: 'key-7', version: 4 }, 'The count of 40');
    expect(undo.offer?.said).toBe('The count of 40 is saved.');
    await undo.undo();
    expect(undo.offer?.said).toBe('The count of 40 is taken back.');
    await undo.undo();
    expect(undo.offer?.said).toBe('The count of 40 is put back.');
    expect(asked).toEqual([
        { path: '/api/counts/key-7/taken-back', method: 'PUT', body: { basedOn: 4, takenBack: true } },
        { path: '/api/counts/key-7/taken-back', method: 'PUT', body: { basedOn: 5, takenBack: false } },
    ]);
});

it('undoes a correction, and undoes that', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.changed('rounds', { id: 3, key: 'key-3', version: 4 }, 'The round', 'The round is corrected.');
    await undo.undo();
    await undo.undo();
    expect(asked.map((one) => one.path)).toEqual(['/api/rounds/key-3/undone', '/api/rounds/key-3/undone']);
});

it('opens a finished batch again, and finishes it as it was', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.changed('batches', { id: 2, key: 'key-2', version: 4 }, 'The batch', 'The batch is saved.', 'reopen');
    await undo.undo();
    await undo.undo();
    expect(asked.map((one) => one.path)).toEqual(['/api/batches/key-2/reopened', '/api/batches/key-2/undone']);
});

it('says where to go when the screen of what was taken back is gone', async () => {
    server(() => answer(200, history));
    const undo = new Undo();
    undo.made('batches', { id: 2, key: 'key-2', version: 4 }, 'The batch', '/bench');
    expect(await undo.undo()).toBe('/bench');
    expect(await undo.undo()).toBeNull();
});

it('keeps the offer when the server refuses, and says why', async () => {
    server(() => answer(409, { error: { path: '', message: 'A round was sprayed with it.' } }));
    const undo = new Undo();
    undo.made('batches', { id: 2, key: 'key-2', version: 4 }, 'The batch');
    await undo.undo();
    expect(undo.fault?.message).toBe('A round was sprayed with it.');
    expect(undo.offer).toMatchObject({ step: 'take-back' });
    expect(undo.busy).toBe(false);
    undo.close();
    expect([undo.offer, undo.fault]).toEqual([null, null]);
});

it('leaves a record alone that was changed meanwhile, and says so', async () => {
    const conflict = { kind: 'counts', id: 7, key: 'key-7', version: 6, fields: [] };
    server(() => answer(409, { error: { path: '/basedOn', message: 'This was changed meanwhile.' }, conflict }));
    const undo = new Undo();
    undo.changed('counts', { id: 7, key: 'key-7', version: 4 }, 'The count', 'The count is corrected.');
    await undo.undo();
    expect(undo.fault?.conflict).toEqual(conflict);
    expect(undo.offer).toMatchObject({ version: 4 });
});

it('says what had arrived under a lost answer', () => {
    const fields = [{ name: 'Count', saved: '3', sent: '30' }];
    expect(arrived('The count of 30', { kind: 'counts', id: 1, key: 'key-1', version: 1, fields })).toBe(
        'The count of 30 is saved. What you sent before had arrived after all (Count 3) and is corrected.',
    );
});

it('goes back by the call that a step names, and tells when that fails', async () => {
    const undo = new Undo();
    let back = 0;
    undo.done('The case is closed.', () => Promise.resolve(back++));
    expect(await undo.undo()).toBeNull();
    expect([back, undo.offer]).toEqual([1, null]);
    undo.done('The batch is used up.', () => Promise.reject(new TypeError('no route')));
    await undo.undo();
    expect(undo.fault?.message).toContain('does not answer');
    expect([undo.offer?.said, undo.busy]).toEqual(['The batch is used up.', false]);
});

it('names what had arrived field by field, and leaves the hour to the record', () => {
    const fields = [
        { name: 'Sprayed', saved: '2026-06-01T18:00:00.000Z', sent: '2026-06-01T18:00:03.000Z' },
        { name: 'Count', saved: '3', sent: '30' },
        { name: 'Notes', saved: 'odd', sent: '' },
    ];
    expect(arrived('The count of 30', { kind: 'counts', id: 1, key: 'key-1', version: 1, fields })).toContain(
        'after all (Count 3, Notes odd) and is',
    );
    expect(arrived('The round', { kind: 'rounds', id: 1, key: 'key-1', version: 1, fields: fields.slice(0, 1) })).toBe(
        'The round is saved. What you sent before had arrived after all and is corrected.',
    );
});

it('does one thing at a time, and fetches what follows it until its screen is gone', async () => {
    let answered: () => void = () => undefined;
    const asked = server(() => new Promise((ok) => (answered = () => ok(answer(200, history)))));
    const undo = new Undo();
    let fetched = 0;
    const screen = { reload: () => Promise.resolve(void fetched++) };
    undo.followedBy(screen);
    undo.followedBy(screen);
    undo.made('counts', { id: 7, key: 'key-7', version: 4 }, 'The count', '/plants', 'The count is there.');
    expect(undo.offer?.said).toBe('The count is there.');
    undo.fault = new Fault('', 'old');
    const first = undo.undo();
    expect([undo.busy, undo.fault]).toEqual([true, null]);
    expect(await undo.does('take-back', 'counts', { id: 7, key: 'key-7', version: 4 }, 'The count')).toBeNull();
    await vi.waitFor(() => expect(asked).toHaveLength(1));
    answered();
    expect(await first).toBe('/plants');
    expect([asked.length, fetched, undo.busy]).toEqual([1, 2, false]);
    leave[0]?.();
    await undo.refresh();
    expect(fetched).toBe(3);
});

it('goes nowhere where nothing says where, and has nothing to undo where nothing was saved', async () => {
    server(() => answer(200, history));
    const undo = new Undo();
    expect(await undo.undo()).toBeNull();
    expect(await undo.does('take-back', 'counts', { id: 7, key: 'key-7', version: 4 }, 'The count')).toBeNull();
    expect(undo.offer).toMatchObject({ kind: 'counts', id: 7, key: 'key-7', version: 5, step: 'put-back' });
    expect(await undo.does('put-back', 'counts', { id: 7, key: 'key-7', version: 5 }, 'The count', '/bench')).toBeNull();
});

it('says what each step does', async () => {
    server(() => answer(200, history));
    const undo = new Undo();
    const said = async (step: 'take-back' | 'put-back' | 'undo' | 'reopen'): Promise<unknown> => {
        await undo.does(step, 'batches', { id: 1, key: 'key-1', version: 1 }, 'It');
        return undo.offer?.said;
    };
    expect([await said('take-back'), await said('put-back'), await said('undo'), await said('reopen')]).toEqual([
        'It is taken back.',
        'It is put back.',
        'It is as it was before.',
        'It is open again.',
    ]);
});

it('goes back by its own call: busy meanwhile, and what follows is fetched', async () => {
    const undo = new Undo();
    let fetched = 0;
    undo.followedBy({ reload: () => Promise.resolve(void fetched++) });
    undo.fault = new Fault('', 'old');
    undo.done('The case is closed.', () => {
        expect([undo.busy, undo.fault]).toEqual([true, null]);
        return Promise.resolve();
    });
    expect(undo.fault).toBeNull();
    undo.fault = new Fault('', 'old');
    await undo.undo();
    expect([undo.busy, fetched]).toEqual([false, 1]);
    undo.done('It is.', () => Promise.resolve());
    undo.changed('counts', { id: 1, key: 'key-1', version: 1 }, 'The count', 'The count is corrected.');
    expect(undo.offer).toMatchObject({ step: 'undo', said: 'The count is corrected.', what: 'The count' });
});

it('stays for the screen that it leads to, and is gone at the next one', async () => {
    server(() => answer(409, { error: { path: '', message: 'A round was sprayed with it.' } }));
    const undo = new Undo();
    undo.moved();
    undo.moved();
    undo.made('counts', { id: 7, key: 'key-7', version: 4 }, 'The count');
    undo.moved();
    expect(undo.offer?.said).toBe('The count is saved.');
    // What is saved anew stays as long.
    undo.changed('counts', { id: 7, key: 'key-7', version: 5 }, 'The count', 'The count is corrected.');
    undo.moved();
    expect(undo.offer?.said).toBe('The count is corrected.');
    undo.moved();
    expect(undo.offer).toBeNull();
    // What shows no record of its own has no other way back.
    for (const kind of ['moves', 'sprayer-events'] as const) {
        undo.made(kind, { id: 3, key: 'key-3', version: 1 }, 'Skipped');
        undo.moved();
        undo.moved();
        expect(undo.offer).toMatchObject({ kind, id: 3 });
    }
    undo.done('The case is closed.', () => Promise.reject(new TypeError('no route')));
    undo.moved();
    // What was refused stays until it is put away.
    await undo.undo();
    undo.moved();
    undo.moved();
    expect([undo.offer?.said, undo.fault === null]).toEqual(['The case is closed.', false]);
    undo.close();
    undo.done('The batch is used up.', () => {
        undo.moved();
        undo.moved();
        expect(undo.offer?.said).toBe('The batch is used up.');
        return Promise.resolve();
    });
    await undo.undo();
});
