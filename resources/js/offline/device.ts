import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Entry } from './entry';

/** An answer of the server as it was when there was a line. */
export interface KeptAnswer {
    body: string;
    /** When it came, in ms. */
    at: number;
    /** The screen that asked, where that is to be found again. */
    where: string;
}

interface Shape extends DBSchema {
    answers: { key: string; value: KeptAnswer };
    outbox: { key: number; value: Entry };
}

const NAME = 'idle-mixer';

const BEFORE = { of: '', mark: '', known: null };

/** The database of this device: what waits to be sent, and what was last heard. Where the browser keeps none, both last as long as the page. */
export class Device {
    /** Null where the browser keeps nothing for this site. */
    readonly #database: Promise<IDBPDatabase<Shape> | null>;
    readonly #answers = new Map<string, KeptAnswer>();

    constructor(name = NAME) {
        this.#database =
            typeof indexedDB === 'undefined'
                ? Promise.resolve(null)
                : openDB<Shape>(name, 1, {
                      upgrade(database) {
                          database.createObjectStore('answers');
                          database.createObjectStore('outbox', { keyPath: 'id' });
                      },
                  }).catch(() => null);
    }

    async entries(): Promise<Entry[] | null> {
        const all = await (await this.#database)?.getAll('outbox');
        // One that a version before kept says less.
        return all?.map((one) => ({ ...BEFORE, ...one })) ?? null;
    }

    /** Throws where there is no room left. */
    async replace(dropped: readonly number[], kept: Entry | null): Promise<void> {
        const database = await this.#database;
        if (database === null) {
            return;
        }
        const write = database.transaction('outbox', 'readwrite');
        // One after the other, so that a fault of any is that of the whole.
        const asked: Promise<unknown>[] = dropped.map((id) => write.store.delete(id));
        if (kept !== null) {
            asked.push(write.store.put(kept));
        }
        await Promise.all([...asked, write.done]);
    }

    async answer(path: string): Promise<KeptAnswer | null> {
        const database = await this.#database;
        return (database === null ? this.#answers.get(path) : await database.get('answers', path)) ?? null;
    }

    /** Throws where there is no room left. */
    async keepAnswer(path: string, answer: KeptAnswer): Promise<void> {
        const database = await this.#database;
        if (database === null) {
            this.#answers.set(path, answer);
        } else {
            await database.put('answers', answer, path);
        }
    }

    /** The newest answer to a question that begins like this. */
    async newest(prefix: string): Promise<KeptAnswer | null> {
        const all = await this.#beginning(prefix);
        return all.sort((a, b) => b[1].at - a[1].at)[0]?.[1] ?? null;
    }

    /** Keeps the newest of those that begin like this. */
    async prune(prefix: string, most: number): Promise<void> {
        const all = (await this.#beginning(prefix)).sort((a, b) => b[1].at - a[1].at).slice(most);
        const database = await this.#database;
        for (const [path] of all) {
            this.#answers.delete(path);
            await database?.delete('answers', path);
        }
    }

    async forgetAnswers(): Promise<void> {
        this.#answers.clear();
        await (await this.#database)?.clear('answers');
    }

    async #beginning(prefix: string): Promise<[string, KeptAnswer][]> {
        const database = await this.#database;
        if (database === null) {
            return [...this.#answers].filter(([path]) => path.startsWith(prefix));
        }
        const range = IDBKeyRange.bound(prefix, `${prefix}\uffff`);
        const [paths, answers] = await Promise.all([database.getAllKeys('answers', range), database.getAll('answers', range)]);
        return paths.flatMap((path, i) => (answers[i] === undefined ? [] : [[path, answers[i]] as [string, KeptAnswer]]));
    }
}
