import { Kept } from '../../lib/kept';

/** One spoonful ticked, or its tick taken back. */
export interface Tick {
    readonly scoop: number;
    readonly number: number;
    readonly ticked: boolean;
}

const same = (one: Tick, other: Tick): boolean => one.scoop === other.scoop && one.number === other.number;

function isTick(value: unknown): value is Tick {
    const tick = value as Partial<Tick> | null;
    return typeof tick === 'object' && Number.isInteger(tick?.scoop) && Number.isInteger(tick?.number) && typeof tick?.ticked === 'boolean';
}

/** The ticks of one batch that the server has not taken yet, kept on this device through a reload or a locked screen. */
export class Unsent {
    readonly #kept: Kept;
    /** Here as well, since storage may be shut or full: the tick still goes to the server. */
    #ticks: Tick[];

    constructor(batch: number) {
        this.#kept = new Kept(`idle-mixer-ticks-${batch}`);
        const kept = this.#kept.read();
        this.#ticks = Array.isArray(kept) ? kept.filter(isTick) : [];
    }

    /** Oldest first. */
    get all(): readonly Tick[] {
        return this.#ticks;
    }

    /** Keeps it, in place of what was said of the same spoonful before. */
    add(tick: Tick): void {
        this.#keep([...this.#ticks.filter((one) => !same(one, tick)), tick]);
    }

    drop(tick: Tick): void {
        this.#keep(this.#ticks.filter((one) => !this.#is(one, tick)));
    }

    has(tick: Tick): boolean {
        return this.#ticks.some((one) => this.#is(one, tick));
    }

    /** Whether anything is kept of the same spoonful. */
    tellsOf(tick: Tick): boolean {
        return this.#ticks.some((one) => same(one, tick));
    }

    #is(one: Tick, tick: Tick): boolean {
        return same(one, tick) && one.ticked === tick.ticked;
    }

    #keep(ticks: Tick[]): void {
        this.#ticks = ticks;
        if (ticks.length === 0) {
            this.#kept.drop();
        } else {
            this.#kept.keep(ticks);
        }
    }
}
