import { api, taken, type Schemas } from './client';
import { Draft } from './draft.svelte';
import { typedNumber } from './figures';
import { Fault } from './fault';

export type Kitchen = Schemas['Household']['kitchen'];

/** Whose spoons are meant here, and what this household's own squirt holds. */
export class Household {
    kitchen = $state<Kitchen>(null);
    rows = $state.raw<Schemas['Household']['byEye']>([]);
    /** What is typed for each amount by eye, by code. */
    typed = $state<Record<string, string>>({});
    readonly draft = new Draft(
        'household',
        () => JSON.stringify({ kitchen: this.kitchen, typed: this.typed }),
        (text) => Object.assign(this, JSON.parse(text)),
    );
    #version = 0;

    constructor(from: Schemas['Household']) {
        this.#take(from);
    }

    static async fetch(): Promise<Household> {
        return new Household(await taken(api.GET('/api/household')));
    }

    /** @param basedOn which version it is based on, where that is not the one that was fetched */
    async save(basedOn: (version: number) => number = (version) => version): Promise<void> {
        const byEye: Record<string, number> = {};
        for (const row of this.rows) {
            const text = (this.typed[row.code] ?? '').trim();
            if (text === '') {
                continue;
            }
            const ml = typedNumber(text);
            if (!(ml > 0)) {
                throw new Fault('', say('lib/household.write-how-much-as-number', { words: row.words }));
            }
            byEye[row.code] = ml;
        }
        this.#take(await taken(api.PUT('/api/household', { body: { basedOn: basedOn(this.#version), kitchen: this.kitchen, byEye } })));
        this.draft.settle();
    }

    #take(from: Schemas['Household']): void {
        this.#version = from.version;
        this.kitchen = from.kitchen;
        this.rows = from.byEye;
        this.typed = Object.fromEntries(from.byEye.map((row) => [row.code, row.measuredMl === null ? '' : String(row.measuredMl)]));
        this.draft.begin();
    }
}
