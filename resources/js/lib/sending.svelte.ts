import { Fault, type Conflict } from './fault';
import type { Kept } from './kept';
import { newSubmission } from './submission';

/** How a change is sent: under which submission, and based on which version of what was on the screen. */
type How<T> = (submission: string, basedOn: (version: number) => number) => Promise<T>;

/**
 * One form that is sent: what was entered stays until it was taken, a second click while it is under way does nothing,
 * and the submission stays the same until the record is made.
 */
export class Sending {
    busy = $state(false);
    fault = $state.raw<Fault | null>(null);
    /** What had been saved before, under a lost answer, and was corrected to what is here now. */
    mended = $state.raw<Conflict | null>(null);
    #submission: string;
    #basedOn: number | null = null;

    /** Where the submission is kept on this device, through a reload. */
    constructor(private readonly kept: Kept | null = null) {
        const there = kept?.read();
        this.#submission = typeof there === 'string' ? there : newSubmission();
    }

    /**
     * @param how     sends it
     * @param correct what was sent before had arrived, though its answer was lost: corrects it to what is here now
     */
    async send<T>(how: How<T>, correct?: (saved: Conflict) => Promise<T>): Promise<T | null> {
        if (this.busy) {
            return null;
        }
        this.busy = true;
        this.fault = null;
        this.mended = null;
        this.kept?.keep(this.#submission);
        try {
            const made = await this.#sent(how, correct);
            this.renew();
            return made;
        } catch (thrown) {
            this.fault = Fault.from(thrown);
            return null;
        } finally {
            this.busy = false;
        }
    }

    /** Whether it is under way, or two versions wait for somebody to choose: then sending it once more leads nowhere. */
    get held(): boolean {
        return this.busy || (this.fault?.conflict ?? null) !== null;
    }

    /** What is here is to hold, in place of what is saved: the next try is based on that. */
    mine(): void {
        this.#basedOn = this.fault?.conflict?.version ?? null;
        this.fault = null;
    }

    /** What is here is something else than what was saved before: the next try makes another record. */
    another(): void {
        this.renew();
        this.fault = null;
    }

    renew(): void {
        this.#submission = newSubmission();
        this.#basedOn = null;
        this.kept?.drop();
    }

    async #sent<T>(how: How<T>, correct?: (saved: Conflict) => Promise<T>): Promise<T> {
        try {
            return await how(this.#submission, (version) => this.#basedOn ?? version);
        } catch (thrown) {
            if (correct !== undefined && thrown instanceof Fault && thrown.isSavedBefore && thrown.conflict !== null) {
                const made = await correct(thrown.conflict);
                this.mended = thrown.conflict;
                return made;
            }
            throw thrown;
        }
    }
}
