import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { PreprocessorGroup } from 'svelte/compiler';
import type { Plugin } from 'vite';
import { inlined, type Sentences } from './inline.ts';

/** The sentences of the screens in a language: each file of its folder is an area. */
export function sentences(language: string): Sentences {
    const folder = join(import.meta.dirname, '../../core/words', language, 'screens');
    const all = new Map<string, string>();
    for (const file of readdirSync(folder)) {
        const area = JSON.parse(readFileSync(join(folder, file), 'utf8')) as Record<string, string>;
        for (const [key, sentence] of Object.entries(area)) {
            all.set(`${file.replace('.json', '')}/${key}`, sentence);
        }
    }
    return all;
}

/** Puts the sentences into components before they are compiled. */
export function intoComponents(all: Sentences): PreprocessorGroup {
    return { name: 'sentences', markup: ({ content }) => ({ code: inlined(content, all, true) }) };
}

/** Puts the sentences into what is no component. */
export function intoScripts(all: Sentences): Plugin {
    return {
        name: 'sentences',
        enforce: 'pre',
        transform: {
            filter: { id: /\/resources\/(js|worker)\/.*\.ts$/ },
            handler: (code) => (code.includes('say(') ? { code: inlined(code, all, false), map: null } : null),
        },
    };
}
