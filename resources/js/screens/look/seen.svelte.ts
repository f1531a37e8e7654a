import { SvelteMap } from 'svelte/reactivity';
import { api, taken, type Schemas } from '../../lib/client';
import { Latest } from '../../lib/latest.svelte';

/** What was ticked, what was looked for in vain, and what that points to. */
export class Seen {
    readonly signs = new SvelteMap<string, boolean>();
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

    clear(): void {
        this.signs.clear();
        this.#ask();
    }

    #ask(): void {
        const seen = Object.fromEntries(this.signs);
        void this.diagnosis.ask(() => taken(api.POST('/api/diagnosis', { body: { seen } })));
    }
}
