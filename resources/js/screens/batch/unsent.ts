import { Kept } from '../../lib/kept';

/** One spoonful or one step ticked, or its tick taken back. */
export interface Tick {
    /** A step without spoons, and not a spoonful. */
    readonly step: boolean;
    /** The scoop that is filled, or the load that the step is of. */
    readonly of: number;
    readonly number: number;
    readonly ticked: boolean;
}

const same = (one: Tick, other: Tick): boolean => one.step === other.step && one.of === other.of && one.number === other.number;

function isTick(value: unknown): value is Tick {
    const tick = value as Partial<Tick> | null;
    return (
        typeof tick === 'object' &&
        typeof tick?.step === 'boolean' &&
        Number.isInteger(tick.of) &&
        Number.isInteger(tick.number) &&
        typeof tick.ticked === 'boolean'
    );
}

/**
 * The ticks of one batch that the server has not taken yet, kept on this device through a reload or a locked screen, and
 * shared by the tabs that show it. Where storage is shut they are kept by this tab alone.
 */
export class Unsent {
    readonly #kept: Kept;
    /** Null where storage keeps them. */
    #alone: readonly Tick[] | null;

    constructor(batch: number) {
        this.#kept = new Kept(`idle-mixer-ticks-${batch}`);
        this.#alone = this.#kept.works() ? null : [];
    }

    /** Oldest first. */
    get all(): readonly Tick[] {
        if (this.#alone !== null) {
            return this.#alone;
        }
        const kept = this.#kept.read();
        return Array.isArray(kept) ? kept.filter(isTick) : [];
    }

    /** Keeps it, in place of what was said of the same before. */
    add(tick: Tick): void {
        this.#keep([...this.all.filter((one) => !same(one, tick)), tick]);
    }

    drop(tick: Tick): void {
        this.#keep(this.all.filter((one) => !same(one, tick) || one.ticked !== tick.ticked));
    }

    has(tick: Tick): boolean {
        return this.all.some((one) => same(one, tick) && one.ticked === tick.ticked);
    }

    /** Whether anything is kept of the same spoonful. */
    tellsOf(tick: Tick): boolean {
        return this.all.some((one) => same(one, tick));
    }

    #keep(ticks: readonly Tick[]): void {
        if (this.#alone !== null) {
            this.#alone = ticks;
        } else if (ticks.length === 0) {
            this.#kept.drop();
        } else {
            this.#kept.keep(ticks);
        }
    }
}
