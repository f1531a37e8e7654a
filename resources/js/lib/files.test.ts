import { strToU8, zipSync } from 'fflate';
import { expect, it } from 'vitest';
import { readAll } from './files';

const keep = (): Promise<string> => Promise.resolve('kept');
const zipped = (entries: Record<string, Uint8Array>, name = 'all.zip'): File => new File([zipSync(entries) as BlobPart], name);

it('reads the documents in a zip, and leaves alone what is no document', async () => {
    const read = await readAll([zipped({ 'one.json': strToU8('{}'), 'notes.txt': strToU8('hello') })], 'a recipe', keep);
    expect(read.map((one) => [one.file, one.kept, one.fault])).toEqual([['all.zip: one.json', 'kept', '']]);
});

it('unpacks no more than the page can hold: too many, or too much', async () => {
    const many = Object.fromEntries(Array.from({ length: 201 }, (_, i) => [`${i}.json`, strToU8('{}')]));
    expect((await readAll([zipped(many)], 'a recipe', keep))[0]?.fault).toContain('at most 200 documents and 20 MB');
    // A megabyte of blanks packs into a thousandth of it: twenty of them and one more.
    const blanks = new Uint8Array(999_000).fill(32);
    const much = Object.fromEntries(Array.from({ length: 21 }, (_, i) => [`${i}.json`, blanks]));
    const file = zipped(much);
    expect(file.size).toBeLessThan(100_000);
    expect((await readAll([file], 'a recipe', keep))[0]?.fault).toContain('at most 200 documents and 20 MB');
});
