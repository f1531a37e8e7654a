import { readdirSync, readFileSync } from 'node:fs';
import { join, normalize } from 'node:path';
import { expect, it } from 'vitest';

const folder = join(import.meta.dirname, '..');
const files = new Set(
    readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter(
        (name) => /\.(ts|svelte)$/.test(name) && !/\.test\.ts$|\.d\.ts$/.test(name),
    ),
);

/** What a file imports of the product, types too; not what it fetches later. */
function imported(name: string): string[] {
    return [...readFileSync(join(folder, name), 'utf8').matchAll(/ from '(\.[^']+)'/g)].flatMap(([, path = '']) => {
        const there = normalize(join(name, '..', path));
        return ['', '.ts', '.svelte.ts'].map((end) => there + end).find((one) => files.has(one)) ?? [];
    });
}

it('has no file that imports itself over others', () => {
    const named = new Map([...files].map((name) => [name, imported(name)]));
    expect(named.size).toBeGreaterThan(250);
    for (const name of named.keys()) {
        const seen = new Set<string>();
        const ways = [...(named.get(name) ?? [])];
        for (let next = ways.pop(); next !== undefined; next = ways.pop()) {
            expect(next, `over ${[...seen].join(', ')}`).not.toBe(name);
            if (!seen.has(next)) {
                seen.add(next);
                ways.push(...(named.get(next) ?? []));
            }
        }
    }
});
