import { Fault } from './fault';

/** The answer to the latest question; one that was overtaken is dropped. */
export class Latest<T> {
    value = $state.raw<T | null>(null);
    fault = $state.raw<Fault | null>(null);
    /** What is here answers an older question than the one that is asked. */
    asking = $state(false);
    #asked = 0;

    async ask(question: () => Promise<T>): Promise<void> {
        const mine = ++this.#asked;
        this.asking = true;
        try {
            const value = await question();
            if (mine === this.#asked) {
                this.value = value;
                this.fault = null;
            }
        } catch (thrown) {
            if (mine === this.#asked) {
                this.fault = Fault.from(thrown);
            }
        }
        if (mine === this.#asked) {
            this.asking = false;
        }
    }

    /** The answer is here already: whatever is under way is overtaken. */
    take(value: T): void {
        this.#asked++;
        this.asking = false;
        this.value = value;
        this.fault = null;
    }

    /** Nothing is asked: whatever is under way is dropped. */
    drop(fault: Fault | null): void {
        this.#asked++;
        this.asking = false;
        this.value = null;
        this.fault = fault;
    }
}
