import { strToU8, unzipSync, zipSync } from 'fflate';
import { afterEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../lib/client';
import { answer, server } from '../../tests/page';
import { readAll } from '../../lib/files';
import { bundle, keepRecipe } from './files';

const recipe = (slug: string): Schemas['Recipe'] => ({ slug, name: slug, document: { slug, notes: 'ä' } }) as unknown as Schemas['Recipe'];
const kept = (): Response => answer(201, { name: 'Mine', version: 2, shipped: false });
const file = (name: string, ...parts: BlobPart[]): File => new File(parts, name);

afterEach(() => vi.unstubAllGlobals());

it('saves one as its document, several as a zip of documents that reads back', async () => {
    const one = bundle([recipe('a')]);
    expect(one.name).toBe('a.json');
    expect(JSON.parse(await one.blob.text())).toEqual({ slug: 'a', notes: 'ä' });

    const all = bundle([recipe('a'), recipe('b')]);
    expect(Object.keys(unzipSync(new Uint8Array(await all.blob.arrayBuffer())))).toEqual(['a.json', 'b.json']);
    const asked = server(kept);
    const read = await readAll([file(all.name, await all.blob.arrayBuffer())], 'a recipe document', keepRecipe);
    expect(read.map((each) => each.kept)).toEqual(['kept as Mine, version 2', 'kept as Mine, version 2']);
    expect(asked.map((each) => each.body)).toEqual([
        { slug: 'a', notes: 'ä' },
        { slug: 'b', notes: 'ä' },
    ]);
});

it('reads several, and a faulty one keeps none of the others out', async () => {
    const asked = server(({ body }) =>
        (body as { slug: string }).slug === 'bad' ? answer(422, { error: { path: '/lines', message: 'No lines.' } }) : kept(),
    );
    const files = [
        file('one.json', '{"slug":"one"}'),
        file('text.json', 'two spoons of neem'),
        file('bad.json', '{"slug":"bad"}'),
        file('latin.json', new Uint8Array([0x7b, 0xe4, 0x7d])),
        file('huge.json', 'x'.repeat(1_000_001)),
        file('odd.zip', 'no zip at all'),
        file('empty.zip', zipSync({ 'readme.txt': strToU8('hello') }) as BlobPart),
        file('last.json', '{"slug":"last"}'),
    ];
    const read = await readAll(files, 'a recipe document', keepRecipe);
    expect(read.map((each) => each.kept || each.fault)).toEqual([
        'kept as Mine, version 2',
        'This is no JSON; a recipe document is needed.',
        'No lines. (at /lines)',
        'It is not written in UTF-8; save it so and read it again.',
        'It is 1000001 bytes long; at most 1 MB are read.',
        'This is no zip file that can be read.',
        'There is no document (.json, at most 1 MB) in this zip file.',
        'kept as Mine, version 2',
    ]);
    expect(asked).toHaveLength(3);
});

it('asks before it keeps a version in the place of another', async () => {
    let based: string | null = null;
    vi.stubGlobal('fetch', (request: Request) => {
        based = new URL(request.url).searchParams.get('basedOn');
        const conflict = { kind: 'recipes', id: 1, version: 3, fields: [] };
        return Promise.resolve(
            based === '3' ? kept() : answer(409, { error: { path: '/basedOn', message: 'Changed meanwhile.' }, conflict }),
        );
    });
    const [read] = await readAll([file('mine.json', '{"slug":"mine"}')], 'a recipe document', keepRecipe);
    expect(read?.fault).toBe('another is kept here already, version 3; nothing was overwritten');
    expect(await read?.again?.()).toBe('kept as Mine, version 2');
    expect(based).toBe('3');
});
