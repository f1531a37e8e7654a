import type { Conflict } from '../lib/fault';

/** What the server said of an entry that it did not take. */
export interface Refusal {
    path: string;
    message: string;
    status: number;
    conflict: Conflict | null;
}

/** Something that was entered here and that the server has not taken yet. */
export interface Entry {
    /** In the order in which they were entered, on this device. */
    readonly id: number;
    /** An earlier one under the same key is replaced by a later one; null where each stands by itself. */
    readonly key: string | null;
    /** What it is of, like batches/3. */
    readonly group: string;
    readonly method: 'POST' | 'PUT';
    /** Its address at the server. */
    readonly path: string;
    readonly body: Readonly<Record<string, unknown>>;
    /** In words, to begin a sentence with. */
    readonly what: string;
    readonly at: string;
    readonly refused: Refusal | null;
}

export type Fresh = Omit<Entry, 'id' | 'at' | 'refused'>;
