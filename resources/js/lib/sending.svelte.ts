import { Fault } from './fault';
import { newSubmission } from './submission';

/**
 * One form that is sent: what was entered stays until it was taken, a second click while it is under way does nothing,
 * and the submission stays the same until the record is made.
 */
export class Sending {
    busy = $state(false);
    fault = $state.raw<Fault | null>(null);
    #submission = newSubmission();

    async send<T>(how: (submission: string) => Promise<T>): Promise<T | null> {
        if (this.busy) {
            return null;
        }
        this.busy = true;
        this.fault = null;
        try {
            const made = await how(this.#submission);
            this.#submission = newSubmission();
            return made;
        } catch (thrown) {
            this.fault = Fault.from(thrown);
            return null;
        } finally {
            this.busy = false;
        }
    }
}
