import { expect, it } from 'vitest';
import { off, percent } from './figures';
import { bare, briefly, sorted, worst } from './verdicts';
import type { Schemas } from './client';

const verdict = (code: string, level: 'ok' | 'caution' | 'stop', because = ''): Schemas['Verdict'] =>
    ({ code, level, because, standing: null, source: null }) as Schemas['Verdict'];

it('says in one sentence what is wrong, without where the limit comes from', () => {
    const long =
        'Kitchen oil is 3.5 % of the spray, over the 3 % from which it burns ordinary leaf (our own limit; 1.5 % is borne well, common practice, no source). Do not spray it.';
    expect(briefly(long)).toBe('Kitchen oil is 3.5 % of the spray, over the 3 % from which it burns ordinary leaf.');
    expect(briefly('It holds 80 seconds (30 s and more is long enough, common practice, no source).')).toBe('It holds 80 seconds.');
    expect(briefly('Within 2 % (published, noted from memory); over 3 % is too much.')).toBe('Within 2 %.');
    // What is in brackets for another reason stays.
    expect(bare('Put in 1 tsp (4.9 mL) (common practice, no source).')).toBe('Put in 1 tsp (4.9 mL).');
});

it('takes the worst, and of several as bad the one that can be mended', () => {
    const all = [verdict('a', 'ok'), verdict('b', 'caution'), verdict('c', 'stop'), verdict('d', 'stop')];
    expect(worst(all)?.code).toBe('c');
    expect(worst(all, 'd')?.code).toBe('d');
    expect(worst(all, 'b')?.code).toBe('c');
    expect(worst([])).toBeUndefined();
    expect(sorted(all).map((one) => one.code)).toEqual(['c', 'd', 'b', 'a']);
});

it('says two figures of a percent, and an error only from 5 % on', () => {
    expect([percent(0.773), percent(2.79), percent(25.4), percent(0)]).toEqual(['0.77', '2.8', '25', '0']);
    expect([off(4.9), off(-8.49), off(12)]).toEqual(['', ', 8.5 % under', ', 12 % over']);
});
