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
    readonly #key: string;
    /** Here as well, since storage may be shut or full. */
    #ticks: Tick[];

    constructor(batch: number) {
        this.#key = `idle-mixer-ticks-${batch}`;
        this.#ticks = this.#read();
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

    #read(): Tick[] {
        try {
            const kept: unknown = JSON.parse(localStorage.getItem(this.#key) ?? '[]');
            return Array.isArray(kept) ? kept.filter(isTick) : [];
        } catch {
            // Storage that is shut, or text that is not ours: then there is nothing kept.
            return [];
        }
    }

    #keep(ticks: Tick[]): void {
        this.#ticks = ticks;
        try {
            if (ticks.length === 0) {
                localStorage.removeItem(this.#key);
            } else {
                localStorage.setItem(this.#key, JSON.stringify(ticks));
            }
        } catch {
            // A full or shut storage must not stop the tally: the tick still goes to the server.
        }
    }
}
