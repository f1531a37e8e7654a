import { Fault, type Conflict } from './fault';
import type { Kept } from './kept';
import { newSubmission } from './submission';
import { undo } from './undo.svelte';

/** From this status on an answer says that nothing was saved. */
const LEAST_REFUSAL = 400;

const here = (): string => (typeof location === 'undefined' ? '' : location.pathname);

/** How a change is sent: under which submission, and based on which version of what was on the screen. */
type How<T> = (submission: string, basedOn: (version: number) => number) => Promise<T>;

/**
 * One form that is sent: what was entered stays until it was taken, a second click while it is under way does nothing,
 * and the submission stays the same until the record is made.
 */
export class Sending {
    busy = $state(false);
    fault = $state.raw<Fault | null>(null);
    /** It waits on this device, in words; what is entered next is something else. */
    waits = $state('');
    /** What had been saved before, under a lost answer, and was corrected to what is here now. */
    mended = $state.raw<Conflict | null>(null);
    #submission: string;
    /** It was sent once, and no answer came back that could be read: it may have arrived, whatever a later try is told. */
    #unanswered: boolean;
    #basedOn: number | null = null;

    /** Where the submission of what had no answer is kept on this device, through a reload. */
    constructor(private readonly kept: Kept | null = null) {
        const there = kept?.read();
        this.#unanswered = typeof there === 'string';
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
        this.waits = '';
        this.mended = null;
        const from = here();
        // The page may go before an answer comes.
        this.kept?.keep(this.#submission);
        try {
            const made = await this.orCorrected(() => how(this.#submission, (version) => this.#basedOn ?? version), correct);
            this.renew();
            // Another screen by now: it was fetched before this was saved.
            if (here() !== from) {
                void undo.refresh();
            }
            return made;
        } catch (thrown) {
            const fault = Fault.from(thrown);
            if (fault.waits) {
                this.waits = fault.message;
                this.settled();
                return null;
            }
            this.fault = fault;
            this.#unanswered ||= this.fault.status < LEAST_REFUSAL;
            if (!this.#unanswered) {
                this.kept?.drop();
            }
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

    /** What was entered is in good hands. */
    protected settled(): void {
        this.renew();
    }

    renew(): void {
        this.#submission = newSubmission();
        this.#basedOn = null;
        this.#unanswered = false;
        this.kept?.drop();
    }

    /**
     * Sends it, or corrects what had arrived under an answer that was lost. What somebody else saved under the same submission
     * is nobody's to correct: that is a conflict.
     */
    async orCorrected<T>(sends: () => Promise<T>, correct?: (saved: Conflict) => Promise<T>): Promise<T> {
        try {
            return await sends();
        } catch (thrown) {
            if (correct !== undefined && this.#unanswered && thrown instanceof Fault && thrown.isSavedBefore && thrown.conflict !== null) {
                const made = await correct(thrown.conflict);
                this.mended = thrown.conflict;
                return made;
            }
            throw thrown;
        }
    }
}
