import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parse } from 'svelte/compiler';
import { describe, expect, it } from 'vitest';
import { sentences } from './build';
import { calls, inlined } from './inline';

const folder = join(import.meta.dirname, '../js');
const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(svelte|ts)$/.test(name) && !/\.test\.ts$|\.d\.ts$|^tests\//.test(name))
    .map((name) => ({ name, code: readFileSync(join(folder, name), 'utf8') }));
const all = sentences('en');

type Node = { type: string; [key: string]: unknown };
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null && typeof (value as Node).type === 'string';

/** Attributes that hold codes, addresses and shapes. */
const TECHNICAL =
    /^(class|style|href|src|d|viewBox|transform|points|to|accept|rel|type|name|id|for|role|preserveAspectRatio|generics|data-.*)$/;

const reads = (text: string): boolean => /\p{L}{2,}[,;:.!?”’%)]? [“(]?\p{L}{2,}/u.test(text);
/** Names of styles, of addresses and of what the browser knows. */
const isCode = (text: string): boolean =>
    text.split(/\s+/).every((word) => /^[a-z0-9!:\-/[\].%_()&>*,#+]*$/.test(word) && !/[.,:]$/.test(word)) &&
    !/^(an?|the|of|to|in) |^\w+( \w+)*$/.test(text.trim());

/** Sentences that stand in a screen, or in a script of one. */
function written(name: string, code: string): string[] {
    const found: string[] = [];
    const visit = (node: Node, inAttribute: string): void => {
        if (
            node.type === 'ImportDeclaration' ||
            node.type === 'StyleSheet' ||
            node.type === 'Comment' ||
            node.type.startsWith('TSLiteral')
        ) {
            return;
        }
        const text =
            node.type === 'Text'
                ? node['raw']
                : node.type === 'Literal'
                  ? node['value']
                  : node.type === 'TemplateElement'
                    ? (node['value'] as { cooked: string }).cooked
                    : '';
        if (typeof text === 'string' && !TECHNICAL.test(inAttribute) && reads(text) && !isCode(text) && !/^\(prefers|<\//.test(text)) {
            found.push(`${name}: ${text.trim()}`);
        }
        const attribute = node.type === 'Attribute' ? String(node['name']) : inAttribute;
        for (const [key, value] of Object.entries(node)) {
            if (key !== 'metadata' && key !== 'typeAnnotation' && key !== 'leadingComments' && key !== 'trailingComments') {
                for (const one of Array.isArray(value) ? value : [value]) {
                    if (isNode(one)) {
                        visit(one, attribute);
                    }
                }
            }
        }
    };
    const tree: unknown = parse(name.endsWith('.ts') ? `<script lang="ts">${code}</script>` : code, { modern: true });
    if (isNode(tree)) {
        visit(tree, '');
    }
    return found;
}

describe('the sentences of the screens', () => {
    it('are all there, given what they say and no more, and none is there in vain', () => {
        const said = new Set<string>();
        const look = (code: string): void => {
            for (const call of calls(code)) {
                said.add(call.key);
                [...call.given.values()].forEach(look);
            }
        };
        for (const { name, code } of files) {
            expect(() => inlined(code, all, name.endsWith('.svelte')), name).not.toThrow();
            look(code);
        }
        expect([...all.keys()].filter((key) => !said.has(key))).toEqual([]);
        expect(said.size).toBeGreaterThan(1000);
    });

    it('stand in no screen and in no script of one', () => {
        expect(files.flatMap(({ name, code }) => written(name, code))).toEqual([]);
    });

    it('would be noticed in a screen', () => {
        expect(written('A.svelte', '<p>Nothing to do today.</p>')).toHaveLength(1);
        expect(written('A.svelte', '<input aria-label="How many spoons" class="input input-lg" />')).toHaveLength(1);
        expect(written('A.svelte', "<p>{open ? 'it is over' : say('a/b')}</p>")).toHaveLength(1);
        expect(written('a.ts', 'export const told = (n: number): string => `Take ${n} spoons of it`;')).toHaveLength(1);
        expect(written('a.ts', "export const at = 'grid gap-3 md:grid-cols-2';")).toHaveLength(0);
    });
});

describe('inlining', () => {
    const few = new Map([
        ['a/plain', 'It is <over> & done'],
        ['a/given', '{n} of “{all}”'],
        ['a/edge', ', left out'],
    ]);
    it.each([
        ["<p>{say('a/plain')}</p>", '<p>It is &#60;over> &#38; done</p>'],
        ["<p title={say('a/plain')}></p>", '<p title="It is &#60;over> &#38; done"></p>'],
        ["<p>{say('a/given', { n: one + 1, all: total })}</p>", '<p>{one + 1} of “{total}”</p>'],
        ["<p title={say('a/given', { n, all })}></p>", '<p title={`${n} of “${all}”`}></p>'],
        ["<p>{bad > 0 ? say('a/edge') : ''}</p>", '<p>{bad > 0 ? ", left out" : \'\'}</p>'],
        ["<p>{say('a/given', { n: say('a/edge'), all: `${x} ${{ a: 1 }.a}` })}</p>", '<p>{", left out"} of “{`${x} ${{ a: 1 }.a}`}”</p>'],
    ])('puts %s as if it had been written there', (code, wanted) => {
        expect(inlined(code, few, true)).toBe(wanted);
    });
    it('does not build what is missing, not given, or given in vain', () => {
        expect(() => inlined("say('a/none')", few, false)).toThrow('There is no sentence “a/none”');
        expect(() => inlined("say('a/given', { n: 1 })", few, false)).toThrow('not given all');
        expect(() => inlined("say('a/edge', { n: 1 })", few, false)).toThrow('not said n');
    });
});
