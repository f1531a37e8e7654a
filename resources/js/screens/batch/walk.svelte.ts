import type { Tally } from './tally.svelte';

/** Which step is before the eyes: the one that comes next, until somebody looks at another. */
export class Walk {
    /** A step that was gone to, from 1; null follows the ticks. */
    #at = $state<number | null>(null);

    constructor(private readonly tally: Tally) {}

    /** The load is through, and what is left is to save it: it is sprayed before the next is mixed. */
    get finishing(): boolean {
        return this.#at === null && this.#next === null;
    }

    get number(): number {
        return this.#at ?? this.#next ?? this.tally.tasks.length;
    }

    /** What comes after the step that is shown, in words. */
    get then(): string {
        const task = this.tally.tasks[this.number];
        if (task !== undefined) {
            return task.text;
        }
        return say('batch/walk.save-batch');
    }

    /** The step is done: on to the next that is not. */
    on(): void {
        this.#at = null;
    }

    back(): void {
        this.#at = Math.max(1, this.finishingNumber - 1);
    }

    get canGoBack(): boolean {
        return this.number > 1;
    }

    to(number: number): void {
        this.#at = number;
        scrollTo({ top: 0 });
    }

    toLoad(load: number): void {
        this.tally.load = load;
        this.#at = null;
    }

    private get finishingNumber(): number {
        return this.#at ?? this.#next ?? this.tally.tasks.length + 1;
    }

    get #next(): number | null {
        return this.tally.currentIn(this.tally.load);
    }
}
