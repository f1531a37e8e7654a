import type { Conflict } from '../lib/fault';
import type { Known } from './clock';

/** What the server said of an entry that it did not take. */
export interface Refusal {
    path: string;
    message: string;
    status: number;
    conflict: Conflict | null;
    /** Another notebook answers than it was entered for: whoever entered it says where it belongs. */
    astray?: boolean;
}

/** Something that was entered here and that the server has not taken yet. */
export interface Entry {
    /** In the order in which they were entered, on this device. */
    readonly id: number;
    /** An earlier one under the same key is replaced by a later one; null where each stands by itself. */
    readonly key: string | null;
    /** What it is of, like batches/3f0c…: kind and identity. */
    readonly group: string;
    readonly method: 'POST' | 'PUT';
    /** Its address at the server. */
    readonly path: string;
    readonly body: Readonly<Record<string, unknown>>;
    /** In words, to begin a sentence with. */
    readonly what: string;
    /** The plant and the trouble, or whatever it is of, in words; empty where no screen told. */
    readonly of: string;
    /** The notebook that it was entered for. */
    readonly mark: string;
    /** By the clock of this device. */
    readonly at: string;
    /** How that clock stood to the machine's; null where nobody knows. */
    readonly known: Known | null;
    readonly refused: Refusal | null;
}

export type Fresh = Omit<Entry, 'id' | 'of' | 'mark' | 'at' | 'known' | 'refused'>;

/** When something was entered, and in which notebook. */
export type Entered = Pick<Entry, 'of' | 'mark' | 'at' | 'known'>;
