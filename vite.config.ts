import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';
import { intoComponents, intoScripts, sentences } from './resources/words/build.ts';
import { worker } from './resources/worker/build.ts';

const said = sentences('en');

/** Lays a compressed copy beside each file that shrinks, so that serving takes no time for it. */
function compressed(): Plugin {
    let folder = '';
    return {
        name: 'compressed',
        apply: 'build',
        configResolved(config) {
            folder = join(config.root, config.build.outDir, 'assets');
        },
        async closeBundle() {
            const names = await readdir(folder);
            await Promise.all(
                names
                    .filter((name) => /\.(js|css)$/.test(name))
                    .map(async (name) => {
                        const bytes = await readFile(join(folder, name));
                        await writeFile(join(folder, `${name}.gz`), gzipSync(bytes, { level: 9 }));
                        await writeFile(join(folder, `${name}.br`), brotliCompressSync(bytes));
                    }),
            );
        },
    };
}

export default defineConfig({
    root: 'resources',
    cacheDir: '../node_modules/.vite',
    base: '/build/',
    plugins: [tailwindcss(), intoScripts(said), svelte({ preprocess: [intoComponents(said)] }), compressed(), worker()],
    // The tests run the code that browsers run, not the one that renders on a server.
    resolve: process.env['VITEST'] === undefined ? {} : { conditions: ['browser'] },
    // On a busy machine everything takes longer, and that is no fault of what is tested.
    test: { environment: './js/tests/screen.ts', testTimeout: 30_000 },
    build: {
        outDir: '../public/build',
        emptyOutDir: true,
        // The server announces with each page what its screen imports.
        manifest: true,
        // Everything is a file of its own: the content policy of the page allows no data: scripts or styles.
        assetsInlineLimit: 0,
        modulePreload: { polyfill: false },
        rolldownOptions: {
            output: {
                // Every script that another brings is named in the first: the manifest says which is whose.
                chunkFileNames: 'assets/[hash].js',
                // What several screens share is one file: each file is a connection.
                codeSplitting: {
                    groups: [
                        // What the first script needs is a file of its own, or it would bring all that is shared.
                        { name: 'first', test: /preload-helper/, priority: 2 },
                        // Fields for amounts are not on the first screens: they come with those that have them.
                        {
                            name: 'shared',
                            test: /node_modules(?!\/idb)|js\/(lib\/(?!said|bottle|tasks|small|household|draft|spots|when|glossary|weather)|parts\/(?!AmountField|GateSays|TakeBack|Correctable|History|When|KitchenChoice|Verdicts|Told|Choice|By\.|Scoop|scoops|Head\.|HelpButton))/,
                            minShareCount: 3,
                            priority: 1,
                        },
                    ],
                },
            },
        },
    },
});
