import { Fault } from './fault';

/** The answer to the latest question; one that was overtaken is dropped. */
export class Latest<T> {
    value = $state.raw<T | null>(null);
    fault = $state.raw<Fault | null>(null);
    #asked = 0;

    async ask(question: () => Promise<T>): Promise<void> {
        const mine = ++this.#asked;
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
    }

    /** The answer is here already: whatever is under way is overtaken. */
    take(value: T): void {
        this.#asked++;
        this.value = value;
        this.fault = null;
    }

    /** Nothing is asked: whatever is under way is dropped. */
    drop(fault: Fault | null): void {
        this.#asked++;
        this.value = null;
        this.fault = fault;
    }
}
