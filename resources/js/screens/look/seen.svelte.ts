import { SvelteMap } from 'svelte/reactivity';
import { api, taken, type Schemas } from '../../lib/client';
import { Latest } from '../../lib/latest.svelte';

/** What was ticked, what was looked for in vain, and what that points to. */
export class Seen {
    readonly signs = new SvelteMap<string, boolean>();
    /** Natural enemies that were seen: they speak for no trouble, and go with the case. */
    readonly friends = new SvelteMap<string, null>();
    readonly diagnosis = new Latest<Schemas['Diagnosis']>();

    constructor() {
        this.#ask();
    }

    isSeen(sign: string): boolean {
        return this.signs.get(sign) === true;
    }

    toggle(sign: string): void {
        if (this.isSeen(sign)) {
            this.signs.delete(sign);
        } else {
            this.signs.set(sign, true);
        }
        this.#ask();
    }

    answer(sign: string, there: boolean): void {
        this.signs.set(sign, there);
        this.#ask();
    }

    /** Looked for everywhere, and not there. */
    nothing(signs: readonly string[]): void {
        signs.forEach((sign) => this.signs.set(sign, false));
        this.#ask();
    }

    clear(): void {
        this.friends.clear();
        this.signs.clear();
        this.#ask();
    }

    #ask(): void {
        const seen = Object.fromEntries(this.signs);
        void this.diagnosis.ask(() => taken(api.POST('/api/diagnosis', { body: { seen } })));
    }
}
