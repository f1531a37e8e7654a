import { describe, expect, it } from 'vitest';
import { codeOf } from './code';

// ISO/IEC 18004, from memory: three corners bear a ring of seven squares around a dark three by three; sides are 21 + 4 n long.
describe('a code that opens a batch', () => {
    const dark = (path: string): Set<string> => new Set([...path.matchAll(/M(\d+) (\d+)/g)].map((one) => `${one[1]} ${one[2]}`));

    it('has the three finders of its standard', () => {
        const { size, path } = codeOf('http://192.168.1.20:8800/batches/12');
        const squares = dark(path);
        expect((size - 21) % 4).toBe(0);
        for (const [x, y] of [
            [0, 0],
            [size - 7, 0],
            [0, size - 7],
        ] as const) {
            for (let i = 0; i < 7; i++) {
                for (let k = 0; k < 7; k++) {
                    const ring = i === 0 || i === 6 || k === 0 || k === 6;
                    const heart = i > 1 && i < 5 && k > 1 && k < 5;
                    expect(squares.has(`${x + i} ${y + k}`)).toBe(ring || heart);
                }
            }
        }
    });

    it('grows with what it holds, and differs for another batch', () => {
        expect(codeOf(`http://garden.local/${'x'.repeat(200)}`).size).toBeGreaterThan(codeOf('http://garden.local/batches/1').size);
        expect(codeOf('http://garden.local/batches/1').path).not.toBe(codeOf('http://garden.local/batches/2').path);
    });
});
