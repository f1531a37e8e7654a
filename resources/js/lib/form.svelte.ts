import { Kept } from './kept';
import { Sending } from './sending.svelte';

type Field = string | number | boolean | string[] | Record<string, number | null>;

/** One of the kinds of thing that a field holds. */
const alike = (one: unknown, other: unknown): boolean => typeof one === typeof other && Array.isArray(one) === Array.isArray(other);

/**
 * A form whose fields stay on this device, with their submission, until they are saved: through a reload, a locked screen, a
 * full disk on the other side.
 */
export class Form<T extends Record<string, Field>> extends Sending {
    values = $state<T>() as T;
    /** What is here was typed before the page was loaded anew. */
    restored = $state(false);
    readonly #kept: Kept;
    readonly #blank: T;

    /**
     * @param name  what is filled in, the same each time and different for each record
     * @param blank what stands in its fields before anything is typed
     */
    constructor(name: string, blank: T) {
        super(new Kept(`idle-mixer-sent/${name}`));
        this.#kept = new Kept(`idle-mixer-typed/${name}`);
        this.#blank = blank;
        this.values = { ...blank, ...this.#typedBefore() };
        this.restored = this.touched;
        $effect(() => this.#keep());
    }

    /** Whether anything differs from the blank form. */
    get touched(): boolean {
        return Object.keys(this.#blank).some((key) => JSON.stringify(this.values[key]) !== JSON.stringify(this.#blank[key]));
    }

    /** Nothing is typed any more. */
    clear(): void {
        Object.assign(this.values, structuredClone(this.#blank));
        this.restored = false;
        this.renew();
        this.#kept.drop();
    }

    protected override settled(): void {
        this.clear();
    }

    #keep(): void {
        const values = $state.snapshot(this.values);
        if (this.touched) {
            this.#kept.keep(values);
        } else {
            this.#kept.drop();
        }
    }

    #typedBefore(): Partial<T> {
        const typed = this.#kept.read();
        if (typeof typed !== 'object' || typed === null) {
            return {};
        }
        return Object.fromEntries(
            Object.entries(typed).filter(([key, value]) => key in this.#blank && alike(value, this.#blank[key])),
        ) as Partial<T>;
    }
}
