import { unzipSync } from 'fflate';
import { Fault } from './fault';

/** What came of one file. */
export interface Read {
    file: string;
    kept: string;
    fault: string;
    /** Keeps it all the same, where something else is kept in its place. */
    again: (() => Promise<string>) | null;
}

/** Keeps one document, and tells what came of it. */
export type Keep = (document: unknown, basedOn?: number) => Promise<string>;

/** The bound of an open document; a zip of more is not ours. */
const MOST_BYTES = 1_000_000;
/** What all that is in a zip may come to, and how many documents it may hold: more would fill the page’s memory. */
const MOST_IN_ALL = 20_000_000;
const MOST_FILES = 200;

/** The documents in a file: itself, or those in a zip. */
async function documents(file: File): Promise<{ name: string; text: string }[]> {
    if (!file.name.toLowerCase().endsWith('.zip')) {
        if (file.size > MOST_BYTES) {
            throw new Fault('', say('lib/files.bytes-long-at-most-1', { size: file.size }));
        }
        return [{ name: file.name, text: decoded(new Uint8Array(await file.arrayBuffer())) }];
    }
    if (file.size > MOST_IN_ALL) {
        throw new Fault('', say('lib/files.bytes-long-at-most-20', { size: file.size }));
    }
    let inside: Record<string, Uint8Array>;
    let bytes = 0;
    let count = 0;
    try {
        inside = unzipSync(new Uint8Array(await file.arrayBuffer()), {
            filter: (one) => {
                const ours = one.name.toLowerCase().endsWith('.json') && one.originalSize <= MOST_BYTES;
                bytes += ours ? one.originalSize : 0;
                count += ours ? 1 : 0;
                if (bytes > MOST_IN_ALL || count > MOST_FILES) {
                    throw new Fault('', say('lib/files.there-more-in-this-zip', { MOST_FILES }));
                }
                return ours;
            },
        });
    } catch (thrown) {
        if (thrown instanceof Fault) {
            throw thrown;
        }
        throw new Fault('', say('lib/files.this-no-zip-file-that'));
    }
    if (Object.keys(inside).length === 0) {
        throw new Fault('', say('lib/files.there-no-document-json-at'));
    }
    return Object.entries(inside).map(([name, bytes]) => ({ name: `${file.name}: ${name}`, text: decoded(bytes) }));
}

function decoded(bytes: Uint8Array): string {
    try {
        return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    } catch {
        throw new Fault('', say('lib/files.not-written-in-utf-8'));
    }
}

function parsed(text: string, what: string): unknown {
    try {
        return JSON.parse(text) as unknown;
    } catch {
        throw new Fault('', say('lib/files.this-no-json-needed', { what }));
    }
}

/** Reads all of them, one after the other; a faulty one keeps none of the others out. */
export async function readAll(files: Iterable<File>, what: string, keep: Keep): Promise<Read[]> {
    const all: Read[] = [];
    const tell = (file: string, thrown: unknown, document?: unknown): void => {
        const fault = Fault.from(thrown);
        const there = fault.path === '/basedOn' ? fault.conflict : null;
        all.push({
            file,
            kept: '',
            fault:
                there !== null
                    ? say('lib/files.another-kept-here-already-version', { version: there.version })
                    : fault.path === ''
                      ? fault.message
                      : say('lib/files.at', { message: fault.message, path: fault.path }),
            again: there === null ? null : () => keep(document, there.version),
        });
    };
    for (const file of files) {
        try {
            for (const { name, text } of await documents(file)) {
                let document: unknown;
                try {
                    document = parsed(text, what);
                    all.push({ file: name, kept: await keep(document), fault: '', again: null });
                } catch (thrown) {
                    tell(name, thrown, document);
                }
            }
        } catch (thrown) {
            tell(file.name, thrown);
        }
    }
    return all;
}
