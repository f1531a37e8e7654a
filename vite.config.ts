import { svelte } from '@sveltejs/vite-plugin-svelte';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
    root: 'resources',
    cacheDir: '../node_modules/.vite',
    base: '/build/',
    plugins: [tailwindcss(), svelte()],
    // The tests run the code that browsers run, not the one that renders on a server.
    resolve: process.env['VITEST'] === undefined ? {} : { conditions: ['browser'] },
    build: {
        outDir: '../public/build',
        emptyOutDir: true,
        // Everything is a file of its own: the content policy of the page allows no data: scripts or styles.
        assetsInlineLimit: 0,
        modulePreload: { polyfill: false },
    },
});
