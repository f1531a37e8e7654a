import { afterEach, expect, it, vi } from 'vitest';
import { answer, server } from '../tests/page';
import { arrived, Undo } from './undo.svelte';

const history = { version: 5, takenBack: true, changes: [] };

afterEach(() => vi.unstubAllGlobals());

it('takes back what was saved, and puts it back again', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.made('counts', { id: 7, version: 4 }, 'The count of 40');
    expect(undo.offer?.said).toBe('The count of 40 is saved.');
    await undo.undo();
    expect(undo.offer?.said).toBe('The count of 40 is taken back.');
    await undo.undo();
    expect(undo.offer?.said).toBe('The count of 40 is put back.');
    expect(asked).toEqual([
        { path: '/api/counts/7/taken-back', method: 'PUT', body: { basedOn: 4, takenBack: true } },
        { path: '/api/counts/7/taken-back', method: 'PUT', body: { basedOn: 5, takenBack: false } },
    ]);
});

it('undoes a correction, and undoes that', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.changed('rounds', { id: 3, version: 4 }, 'The round', 'The round is corrected.');
    await undo.undo();
    await undo.undo();
    expect(asked.map((one) => one.path)).toEqual(['/api/rounds/3/undone', '/api/rounds/3/undone']);
});

it('opens a finished batch again, and finishes it as it was', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.changed('batches', { id: 2, version: 4 }, 'The batch', 'The batch is saved.', 'reopen');
    await undo.undo();
    await undo.undo();
    expect(asked.map((one) => one.path)).toEqual(['/api/batches/2/reopened', '/api/batches/2/undone']);
});

it('says where to go when the screen of what was taken back is gone', async () => {
    server(() => answer(200, history));
    const undo = new Undo();
    undo.made('batches', { id: 2, version: 4 }, 'The batch', '/bench');
    expect(await undo.undo()).toBe('/bench');
    expect(await undo.undo()).toBeNull();
});

it('keeps the offer when the server refuses, and says why', async () => {
    server(() => answer(409, { error: { path: '', message: 'A round was sprayed with it.' } }));
    const undo = new Undo();
    undo.made('batches', { id: 2, version: 4 }, 'The batch');
    await undo.undo();
    expect(undo.fault?.message).toBe('A round was sprayed with it.');
    expect(undo.offer).toMatchObject({ step: 'take-back' });
    expect(undo.busy).toBe(false);
    undo.close();
    expect([undo.offer, undo.fault]).toEqual([null, null]);
});

it('leaves a record alone that was changed meanwhile, and says so', async () => {
    const conflict = { kind: 'counts', id: 7, version: 6, fields: [] };
    server(() => answer(409, { error: { path: '/basedOn', message: 'This was changed meanwhile.' }, conflict }));
    const undo = new Undo();
    undo.changed('counts', { id: 7, version: 4 }, 'The count', 'The count is corrected.');
    await undo.undo();
    expect(undo.fault?.conflict).toEqual(conflict);
    expect(undo.offer).toMatchObject({ version: 4 });
});

it('says what had arrived under a lost answer', () => {
    const fields = [{ name: 'Count', saved: '3', sent: '30' }];
    expect(arrived('The count of 30', { kind: 'counts', id: 1, version: 1, fields })).toBe(
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
