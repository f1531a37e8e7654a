import { Fault } from './fault';

/** Something that is fetched: waiting, there, or failed with a reason. */
export class Loaded<T> {
    value = $state.raw<T | null>(null);
    fault = $state.raw<Fault | null>(null);

    #asked = 0;
    #shown = 0;

    constructor(private readonly fetch: () => Promise<T>) {
        void this.reload();
    }

    async reload(): Promise<void> {
        const asked = ++this.#asked;
        const answer = await this.fetch().then(
            (value) => ({ value, fault: null }),
            (thrown: unknown) => ({ value: this.value, fault: thrown instanceof Fault ? thrown : Fault.ofScript() }),
        );
        // A later question was answered first: this answer is older.
        if (asked < this.#shown) {
            return;
        }
        this.#shown = asked;
        this.value = answer.value;
        this.fault = answer.fault;
    }
}
