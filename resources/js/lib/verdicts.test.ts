import { expect, it } from 'vitest';
import { off, percent } from './figures';
import { briefly, sorted, worst } from './verdicts';
import type { Schemas } from './client';

const verdict = (code: string, level: 'ok' | 'caution' | 'stop', because = ''): Schemas['Verdict'] =>
    ({ code, level, because, standing: null, source: null }) as Schemas['Verdict'];

it('says in one sentence what is wrong', () => {
    const long = 'Kitchen oil is 3.5 % of the spray, and over 3 % burns an ordinary leaf. Weaken it to 1.5 % or less.';
    expect(briefly(long)).toBe('Kitchen oil is 3.5 % of the spray, and over 3 % burns an ordinary leaf.');
    expect(briefly('It holds 80 seconds.')).toBe('It holds 80 seconds.');
    expect(briefly('Within 2 %; over 3 % is too much.')).toBe('Within 2 %.');
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
