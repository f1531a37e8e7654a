import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Fault } from '../../lib/fault';
import { answer, server } from '../../tests/page';
import { PhotoState } from './photo.svelte';

const made = vi.hoisted((): { picture: () => Promise<string>; longest: number } => ({ picture: () => Promise.resolve('abc'), longest: 0 }));
vi.mock('../../lib/small', async (original) => ({
    ...(await original<typeof import('../../lib/small')>()),
    small: (_: File, longest: number) => {
        made.longest = longest;
        return made.picture();
    },
}));

const file = {} as File;
const leaf = { percent: 3 };

beforeEach(() => (made.picture = () => Promise.resolve('abc')));
afterEach(() => vi.unstubAllGlobals());

it('sends a picture of a leaf before or after, made small, and shows what was measured', async () => {
    const asked = server(() => answer(200, { measured: leaf }));
    const photo = new PhotoState({ id: 7, key: 'key-7' }, 2);
    expect(photo.when).toBe('after');
    expect(photo.source).toBe('/api/leaf-tests/7/photos/2/after?turn=0');
    expect(await photo.take(file, 'before')).toBe(true);
    expect(asked).toEqual([{ path: '/api/leaf-tests/key-7/photos/2/before', method: 'PUT', body: { picture: 'abc' } }]);
    expect([photo.when, photo.measured, photo.turn, made.longest]).toEqual(['before', leaf, 1, 1600]);
    // The browser is to show the new one.
    expect(photo.source).toBe('/api/leaf-tests/7/photos/2/before?turn=1');
    expect(photo.sending.fault).toBeNull();
});

it('measures anew what is left out and what is healthy, and all of it once that is taken back', async () => {
    const asked = server(() => answer(200, { measured: leaf }));
    const photo = new PhotoState({ id: 7, key: 'key-7' }, 2);
    photo.strictness = 2;
    await photo.mark(0.5, 0.25, 'leaveOut');
    await photo.mark(0.1, 0.2, 'leaveOut');
    await photo.mark(0.7, 0.8, 'healthy');
    const circle = (x: number, y: number) => ({ x, y, radius: 0.04 });
    expect(asked.at(-1)).toEqual({
        path: '/api/leaf-tests/key-7/photos/2/after',
        method: 'POST',
        body: { strictness: 2, leaveOut: [circle(0.5, 0.25), circle(0.1, 0.2)], healthy: [circle(0.7, 0.8)] },
    });
    await photo.unmark();
    expect(asked.at(-1)?.body).toEqual({ strictness: 0, leaveOut: [], healthy: [] });
    await photo.mark(0.5, 0.5, 'healthy');
    photo.strictness = 1;
    // Another picture is read as it is.
    await photo.take(file, 'after');
    expect([photo.strictness, photo.leaveOut, photo.healthy]).toEqual([0, [], []]);
});

it('says that a picture was kept and not measured', async () => {
    server(() => answer(200, { measured: null }));
    const photo = new PhotoState({ id: 7, key: 'key-7' }, 2);
    expect(await photo.take(file, 'after')).toBe(true);
    expect([photo.measured, photo.sending.fault]).toEqual([null, null]);
});

it('says why nothing was kept, and shows nothing that was measured before', async () => {
    server(() => answer(200, { measured: leaf }));
    const photo = new PhotoState({ id: 7, key: 'key-7' }, 2);
    await photo.again();
    expect(photo.measured).toEqual(leaf);
    made.picture = () => Promise.reject(new Fault('', 'notes.txt is no picture.'));
    expect(await photo.take(file, 'after')).toBe(false);
    expect([photo.measured, photo.sending.fault?.message]).toEqual([null, 'notes.txt is no picture.']);
    server(() => answer(422, { error: { path: '/strictness', message: 'Too strict.' } }));
    await photo.again();
    expect(photo.sending.fault?.message).toBe('Too strict.');
});

it('says so where a second tap came in between', async () => {
    let answered: () => void = () => undefined;
    server(() => new Promise((ok) => (answered = () => ok(answer(200, { measured: leaf })))));
    const photo = new PhotoState({ id: 7, key: 'key-7' }, 2);
    const first = photo.again();
    await photo.again();
    expect(photo.sending.fault?.message).toBe('The photograph was not measured.');
    await vi.waitFor(() => {
        answered();
        expect(photo.measured).toEqual(leaf);
    });
    await first;
});
