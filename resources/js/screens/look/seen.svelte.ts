import { SvelteMap } from 'svelte/reactivity';
import { api, taken, type Schemas } from '../../lib/client';
import { Latest } from '../../lib/latest.svelte';

/** What was ticked, what was looked for in vain, and what that points to. */
export class Seen {
    readonly signs = new SvelteMap<string, boolean>();
    /** Natural enemies that were seen: they speak for no trouble, and go with the case. */
    readonly friends = new SvelteMap<string, null>();
    readonly diagnosis = new Latest<Schemas['Diagnosis']>();

    /** Which plant is looked at; 0 where nobody said. */
    #plant = $state(0);

    constructor(plant = 0) {
        this.#plant = plant;
        this.#ask();
    }

    get plant(): number {
        return this.#plant;
    }

    set plant(id: number) {
        if (id !== this.#plant) {
            this.#plant = id;
            this.#ask();
        }
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
        const body = { seen: Object.fromEntries(this.signs), plantId: this.#plant > 0 ? this.#plant : null };
        void this.diagnosis.ask(() => taken(api.POST('/api/diagnosis', { body })));
    }
}
