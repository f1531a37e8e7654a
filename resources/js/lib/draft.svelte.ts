import { Kept } from './kept';

/**
 * What is typed into something that is not a plain form, kept on this device until it is saved. Whoever holds it says how it
 * is written down as text and taken up again.
 */
export class Draft {
    /** What is here was typed before the page was loaded anew. */
    restored = $state(false);
    #saved: string;
    readonly #kept: Kept;

    constructor(
        name: string,
        private readonly write: () => string,
        private readonly take: (text: string) => void,
    ) {
        this.#kept = new Kept(`idle-mixer-typed/${name}`);
        this.#saved = write();
    }

    /** Takes up what was typed before. */
    takeUp(): void {
        const typed = this.#kept.read();
        if (typeof typed === 'string' && typed !== this.#saved) {
            this.take(typed);
            this.restored = true;
        }
    }

    keep(): void {
        const typed = this.write();
        if (typed === this.#saved) {
            this.#kept.drop();
        } else {
            this.#kept.keep(typed);
        }
    }

    /** Back to what is saved. */
    clear(): void {
        this.take(this.#saved);
        this.settle();
    }

    /** What is here was fetched: it is what is saved, whatever was typed before. */
    begin(): void {
        this.#saved = this.write();
    }

    /** What is here was saved. */
    settle(): void {
        this.begin();
        this.restored = false;
        this.#kept.drop();
    }
}
