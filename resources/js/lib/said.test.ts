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
