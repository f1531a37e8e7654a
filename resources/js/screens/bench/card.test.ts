import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { cardText } from './card';

const load = (mL: number) => ({
    finished_mL: mL,
    spoken: `${mL / 1000} L`,
    items: [
        {
            key: 'neem-oil',
            name: 'neem oil',
            words: '2 tsp',
            measured: { mL: 9.86, scoops: [{ amount: 1, unit: '[tsp_us]', count: 2, mL: 4.93, words: '1 tsp' }] },
        },
    ],
});

function plan(loads: ReturnType<typeof load>[]): Schemas['Plan'] {
    return {
        spoken: { make: '2.5 L', loads: `${loads.length} loads`, strength: ['0.77 % oil'] },
        loads,
        steps: ['Pour.', 'Shake.'],
        verdicts: [
            { code: 'a', level: 'ok', because: 'Fine.' },
            { code: 'b', level: 'stop', because: 'Too strong.' },
        ],
        holding: { because: 'Use it within 8 hours.' },
        cautions: [{ code: 'c', text: 'Gloves on.' }],
    } as unknown as Schemas['Plan'];
}

it('says everything that the bench says, as plain text', () => {
    const text = cardText('Neem', plan([load(1000), load(1000), load(500)]));
    expect(text).toContain('Neem: 2.5 L in 3 loads');
    expect(text).toContain('2 loads, each of 1 L');
    expect(text).toContain('One load of 0.5 L');
    expect(text.match(/2 tsp of neem oil \(9\.86 mL\)/g)).toHaveLength(2);
    expect(text).toContain('2. Shake.');
    expect(text).toContain('STOP: Too strong.');
    expect(text).not.toContain('Fine.');
    expect(text).toContain('- Gloves on.');
});
