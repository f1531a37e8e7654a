import type { Tally } from './tally.svelte';

/** Which step is before the eyes: the one that comes next, until somebody looks at another. */
export class Walk {
    /** A step that was gone to, from 1; null follows the ticks. */
    #at = $state<number | null>(null);

    constructor(private readonly tally: Tally) {}

    /** All loads are through, and what is left is to save it. */
    get finishing(): boolean {
        return this.#at === null && this.#open === null;
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
        return this.tally.load < this.tally.loads ? say('batch/walk.load', { load: this.tally.load + 1 }) : say('batch/walk.save-batch');
    }

    /** The step is done: on to the next that is not, in this load or the one after. */
    on(): void {
        this.#at = null;
        if (this.#next === null) {
            this.tally.load = this.#open ?? this.tally.load;
        }
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

    /** The first load that is not through, the one that is shown before all others; null when all are. */
    get #open(): number | null {
        const loads = [...Array(this.tally.loads).keys()].map((i) => i + 1);
        return [this.tally.load, ...loads].find((load) => this.tally.currentIn(load) !== null) ?? null;
    }

    get #next(): number | null {
        return this.tally.currentIn(this.tally.load);
    }
}
