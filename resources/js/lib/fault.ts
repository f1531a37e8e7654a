import type { components } from './api-types';

export type Conflict = components['schemas']['Conflict']['conflict'];

/** What went wrong, in words for the person, and where in what was sent. */
export class Fault extends Error {
    constructor(
        readonly path: string,
        message: string,
        readonly status = 0,
        /** What is saved in place of what was sent. */
        readonly conflict: Conflict | null = null,
        /** Nothing is wrong: it waits on this device for the line to come back. */
        readonly waits = false,
    ) {
        super(message);
    }

    static from(thrown: unknown): Fault {
        return thrown instanceof Fault ? thrown : new Fault('', say('lib/fault.machine-that-serves-does-not'));
    }

    /** Where the answer came and the script could make nothing of it. */
    static ofScript(): Fault {
        return new Fault('', say('lib/fault.this-screen-failed-load-again'));
    }

    /** It was saved before with something else in it: its answer was lost. */
    get isSavedBefore(): boolean {
        return this.conflict !== null && this.path === '/submission';
    }
}
