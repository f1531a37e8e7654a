import { afterEach, expect, it, vi } from 'vitest';
import { answer, server } from '../tests/page';
import { Said } from './said.svelte';

afterEach(() => vi.unstubAllGlobals());

it('asks about words, and never about a plain number', async () => {
    const asked = server(() => answer(200, { amount: { amount: 0.5, unit: '[gal_us]' }, text: '½ US gal (1.89 L)', answers: [] }));
    const said = new Said();
    expect(await said.read('1,5', '[qt_us]')).toBeNull();
    expect(await said.read('  ', '[qt_us]')).toBeNull();
    expect(asked).toEqual([]);
    expect(await said.read('half a gallon', '[qt_us]')).toEqual({ amount: 0.5, unit: '[gal_us]' });
    expect(asked[0]?.body).toEqual({ said: 'half a gallon', unit: '[qt_us]', whole: null, weight: false });
    expect(said.text).toBe('');
});

it('says what is not clear, and what may be answered', async () => {
    const answers = [{ words: 'US pint', line: '1 us pint' }];
    server(() => answer(200, { amount: null, text: 'Which pint?', answers }));
    const said = new Said();
    expect(await said.read('1 pint', 'mL', { wholeMl: 500 })).toBeNull();
    expect(said.text).toBe('Which pint?');
    expect(said.answers).toEqual(answers);
    await said.read('2', 'mL');
    expect(said.text).toBe('');
});

it('listens to what was typed last only', async () => {
    const waiting: ((value: Response) => void)[] = [];
    server(() => new Promise((ok) => waiting.push(ok)));
    const said = new Said();
    const first = said.read('a pint', 'mL');
    const second = said.read('a quart', 'mL', { wholeMl: 500, weight: true });
    await vi.waitFor(() => expect(waiting).toHaveLength(2));
    waiting[1]?.(answer(200, { amount: null, text: 'Which quart?', answers: [{ words: 'US', line: '1 us quart' }] }));
    expect(await second).toBeNull();
    waiting[0]?.(answer(200, { amount: { amount: 1, unit: '[pt_us]' }, text: 'Which pint?', answers: [] }));
    expect(await first).toBeNull();
    expect([said.text, said.answers.length]).toEqual(['Which quart?', 1]);
});

it('says why nothing was understood, and clears it with what is typed next', async () => {
    const asked = server(() => Promise.reject(new TypeError('no line')));
    const said = new Said();
    expect(await said.read('a cup', 'mL', { wholeMl: 250, weight: true })).toBeNull();
    expect(said.text).toContain('does not answer');
    expect(asked[0]?.body).toEqual({ said: 'a cup', unit: 'mL', whole: { amount: 250, unit: 'mL' }, weight: true });
    const slow = said.read('a mug', 'mL');
    expect([said.text, said.answers]).toEqual(['', []]);
    await said.read('3', 'mL');
    await slow;
    // What came too late says nothing of the 3.
    expect(said.text).toBe('');
});
