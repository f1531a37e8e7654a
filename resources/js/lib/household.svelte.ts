import { api, taken, type Schemas } from './client';
import { Draft } from './draft.svelte';
import { typedNumber } from './figures';
import { Fault } from './fault';

export type Kitchen = Schemas['Household']['kitchen'];
export type Habits = Schemas['Household']['written'];

/** Whose spoons are meant here, and what this household's own squirt holds. */
export class Household {
    kitchen = $state<Kitchen>(null);
    rows = $state.raw<Schemas['Household']['byEye']>([]);
    /** What is typed for each amount by eye, by code. */
    typed = $state<Record<string, string>>({});
    /** How hours, days, numbers and the weather are written here. */
    writes = $state.raw() as Habits;
    /** Whether somebody said so; else each device proposes its own. */
    said = $state(false);
    readonly draft = new Draft(
        'household',
        () => JSON.stringify({ kitchen: this.kitchen, typed: this.typed, writes: this.writes, said: this.said }),
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
        const body = { basedOn: basedOn(this.#version), kitchen: this.kitchen, byEye, writes: this.said ? this.writes : null };
        this.#take(await taken(api.PUT('/api/household', { body })));
        this.draft.settle();
    }

    write(key: keyof Habits, chosen: string): void {
        this.writes = { ...this.writes, [key]: chosen };
        this.said = true;
    }

    #take(from: Schemas['Household']): void {
        this.#version = from.version;
        this.kitchen = from.kitchen;
        this.writes = from.written;
        this.said = from.writes !== null;
        this.rows = from.byEye;
        this.typed = Object.fromEntries(from.byEye.map((row) => [row.code, row.measuredMl === null ? '' : String(row.measuredMl)]));
        this.draft.begin();
    }
}
