import type { Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';

const GARDENS = 1_000_000;

/** A season in a made-up garden: what was done on which day, and what is seen of it up to now. */
export class Season {
    garden = $state(0);
    day = $state(0);
    rounds = $state.raw<number[]>([]);
    looks = $state.raw<number[]>([]);
    seen = $state.raw<Schemas['Season'] | null>(null);
    fault = $state.raw<Fault | null>(null);
    busy = $state(false);

    /** @param ask what is seen of it up to a day */
    constructor(
        private readonly ask: (asked: Schemas['SeasonAsked']) => Promise<Schemas['Season']>,
        garden = Math.floor(Math.random() * GARDENS),
    ) {
        void this.begin(garden);
    }

    get over(): boolean {
        return this.seen !== null && this.day >= this.seen.days;
    }

    get maySpray(): boolean {
        return this.seen !== null && this.day <= this.seen.sprayedUntil && !this.rounds.includes(this.day);
    }

    get mayLook(): boolean {
        return this.seen !== null && !this.seen.counts.some((one) => one.day === this.day);
    }

    async begin(garden = Math.floor(Math.random() * GARDENS)): Promise<void> {
        this.garden = garden;
        this.seen = null;
        await this.#to(0, [], []);
    }

    spray(): Promise<void> {
        return this.#to(this.day, [...this.rounds, this.day], this.looks);
    }

    look(): Promise<void> {
        return this.#to(this.day, this.rounds, [...this.looks, this.day]);
    }

    pass(days: number): Promise<void> {
        return this.#to(Math.min(this.seen?.days ?? 0, this.day + days), this.rounds, this.looks);
    }

    /** What was done counts once it is answered: a lost answer leaves the season where it was. */
    async #to(day: number, rounds: number[], looks: number[]): Promise<void> {
        if (this.busy) {
            return;
        }
        this.busy = true;
        this.fault = null;
        try {
            this.seen = await this.ask({ garden: this.garden, rounds, looks, until: day });
            [this.day, this.rounds, this.looks] = [day, rounds, looks];
        } catch (thrown) {
            this.fault = Fault.from(thrown);
        } finally {
            this.busy = false;
        }
    }
}
