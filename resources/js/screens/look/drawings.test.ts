import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { drawings } from './drawings';

it('has a drawing for every sign and every natural enemy of the catalogues', () => {
    const signs = readFileSync('core/data/signs.php', 'utf8') + readFileSync('core/data/enemies.php', 'utf8');
    const codes = [...signs.matchAll(/'drawing' => '(\w+)'/g)].map((match) => match[1] ?? '');
    expect(codes.length).toBeGreaterThan(40);
    expect(codes.filter((code) => !(code in drawings))).toEqual([]);
    // No two signs look alike.
    expect(new Set(codes).size).toBe(codes.length);
    expect(new Set(Object.values(drawings).map((one) => JSON.stringify(one))).size).toBe(Object.keys(drawings).length);
});
