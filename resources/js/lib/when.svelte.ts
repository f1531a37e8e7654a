import { fromField, toField } from './time';

/** A field for a point in time. It knows no seconds: where it is left alone, the instant stays as it was. */
export class WhenField {
    text = $state('');
    readonly #untouched: string;

    constructor(private readonly was: string | null = null) {
        this.#untouched = was === null ? '' : toField(was);
        this.text = this.#untouched;
    }

    /** As it is sent; undefined where nothing is said. */
    get instant(): string | undefined {
        if (this.was !== null && this.text === this.#untouched) {
            return this.was;
        }
        return this.text === '' ? undefined : fromField(this.text);
    }
}
