import { afterEach, expect, it, vi } from 'vitest';
import { answer, server } from '../tests/page';
import { Undo } from './undo.svelte';

const history = { takenBack: true, changes: [] };

afterEach(() => vi.unstubAllGlobals());

it('takes back what was saved, and puts it back again', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.made('counts', 7, 'The count of 40');
    expect(undo.offer?.said).toBe('The count of 40 is saved.');
    await undo.undo();
    expect(undo.offer?.said).toBe('The count of 40 is taken back.');
    await undo.undo();
    expect(undo.offer?.said).toBe('The count of 40 is put back.');
    expect(asked).toEqual([
        { path: '/api/counts/7/taken-back', method: 'PUT', body: { takenBack: true } },
        { path: '/api/counts/7/taken-back', method: 'PUT', body: { takenBack: false } },
    ]);
});

it('undoes a correction, and undoes that', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.changed('rounds', 3, 'The round', 'The round is corrected.');
    await undo.undo();
    await undo.undo();
    expect(asked.map((one) => one.path)).toEqual(['/api/rounds/3/undone', '/api/rounds/3/undone']);
});

it('opens a finished batch again, and finishes it as it was', async () => {
    const asked = server(() => answer(200, history));
    const undo = new Undo();
    undo.changed('batches', 2, 'The batch', 'The batch is saved.', 'reopen');
    await undo.undo();
    await undo.undo();
    expect(asked.map((one) => one.path)).toEqual(['/api/batches/2/reopened', '/api/batches/2/undone']);
});

it('says where to go when the screen of what was taken back is gone', async () => {
    server(() => answer(200, history));
    const undo = new Undo();
    undo.made('batches', 2, 'The batch', '/bench');
    expect(await undo.undo()).toBe('/bench');
    expect(await undo.undo()).toBeNull();
});

it('keeps the offer when the server refuses, and says why', async () => {
    server(() => answer(409, { error: { path: '', message: 'A round was sprayed with it.' } }));
    const undo = new Undo();
    undo.made('batches', 2, 'The batch');
    await undo.undo();
    expect(undo.fault?.message).toBe('A round was sprayed with it.');
    expect(undo.offer?.step).toBe('take-back');
    expect(undo.busy).toBe(false);
    undo.close();
    expect([undo.offer, undo.fault]).toEqual([null, null]);
});
