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
            throw new Fault('', `It is ${file.size} bytes long; at most 1 MB are read.`);
        }
        return [{ name: file.name, text: decoded(new Uint8Array(await file.arrayBuffer())) }];
    }
    if (file.size > MOST_IN_ALL) {
        throw new Fault('', `It is ${file.size} bytes long; at most 20 MB are read.`);
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
                    throw new Fault('', `There is more in this zip file than is read at once: at most ${MOST_FILES} documents and 20 MB.`);
                }
                return ours;
            },
        });
    } catch (thrown) {
        if (thrown instanceof Fault) {
            throw thrown;
        }
        throw new Fault('', 'This is no zip file that can be read.');
    }
    if (Object.keys(inside).length === 0) {
        throw new Fault('', 'There is no document (.json, at most 1 MB) in this zip file.');
    }
    return Object.entries(inside).map(([name, bytes]) => ({ name: `${file.name}: ${name}`, text: decoded(bytes) }));
}

function decoded(bytes: Uint8Array): string {
    try {
        return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    } catch {
        throw new Fault('', 'It is not written in UTF-8; save it so and read it again.');
    }
}

function parsed(text: string, what: string): unknown {
    try {
        return JSON.parse(text) as unknown;
    } catch {
        throw new Fault('', `This is no JSON; ${what} is needed.`);
    }
}

/** Reads all of them, one after the other; a faulty one keeps none of the others out. */
export async function readAll(files: Iterable<File>, what: string, keep: Keep): Promise<Read[]> {
    const all: Read[] = [];
    const say = (file: string, thrown: unknown, document?: unknown): void => {
        const fault = Fault.from(thrown);
        const there = fault.path === '/basedOn' ? fault.conflict : null;
        all.push({
            file,
            kept: '',
            fault:
                there !== null
                    ? `another is kept here already, version ${there.version}; nothing was overwritten`
                    : fault.path === ''
                      ? fault.message
                      : `${fault.message} (at ${fault.path})`,
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
                    say(name, thrown, document);
                }
            }
        } catch (thrown) {
            say(file.name, thrown);
        }
    }
    return all;
}
