import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { build, type Plugin } from 'vite';

const HASH_DIGITS = 16;

/** Once the screens are built, builds the worker that knows all of their files, so that they are on the device whole. */
export function worker(): Plugin {
    let root = '';
    let folder = '';
    return {
        name: 'worker',
        apply: 'build',
        configResolved(config) {
            root = config.root;
            folder = join(config.root, config.build.outDir);
        },
        async closeBundle() {
            const hash = async (...files: string[]): Promise<string> => {
                const all = createHash('sha256');
                for (const file of files) {
                    all.update(await readFile(file));
                }
                return all.digest('hex').slice(0, HASH_DIGITS);
            };
            const assets = (await readdir(join(folder, 'assets'))).filter((name) => /\.(js|css|woff2)$/.test(name)).sort();
            const alone = ['favicon.svg', 'icon-192.png', 'icon-512.png', 'manifest.webmanifest'];
            const built = [
                // The frame of every page, as the server writes it.
                { url: '/shell', revision: await hash(join(folder, 'index.html'), join(root, 'css/shell.css')) },
                // Their names tell their versions apart.
                ...assets.map((name) => ({ url: `/build/assets/${name}`, revision: null })),
                ...(await Promise.all(alone.map(async (name) => ({ url: `/${name}`, revision: await hash(join(folder, '..', name)) })))),
            ];
            await build({
                configFile: false,
                root,
                logLevel: 'warn',
                publicDir: false,
                define: { BUILT: JSON.stringify(built), 'process.env.NODE_ENV': '"production"' },
                build: {
                    outDir: folder,
                    emptyOutDir: false,
                    lib: { entry: 'worker/sw.ts', formats: ['iife'], name: 'worker', fileName: () => 'sw.js' },
                },
            });
        },
    };
}
