import type { Device } from './device';
import type { Entry } from './entry';

/** What tabs of this device call to each other by, and wait for each other by. */
export const TABS = 'idle-mixer-outbox';

const without = (all: readonly number[], some: readonly number[]): readonly number[] => all.filter((one) => !some.includes(one));

/** What waits, as it lies in the database of this device: through a reload or a locked screen, and the same in every tab that shows it. */
export class Drawer {
    entries = $state.raw<readonly Entry[]>([]);
    /** This device has no room left: what is entered lasts as long as this page. */
    full = $state(false);
    readonly #others: BroadcastChannel | null;
    #writing: Promise<unknown> = Promise.resolve();
    #unwritten: readonly number[] = [];
    #undropped: readonly number[] = [];
    /** What is on the device is being read: another tab may have changed it. */
    #reading: Promise<void>;

    constructor(private readonly device: Device) {
        this.#others = typeof BroadcastChannel === 'undefined' || typeof document === 'undefined' ? null : new BroadcastChannel(TABS);
        this.#others?.addEventListener('message', () => {
            this.#reading = this.#read();
        });
        this.#reading = this.#read();
    }

    /** What lies there has been read. */
    get ready(): Promise<void> {
        return this.#reading;
    }

    /** Everything is in the database of this device. */
    async written(): Promise<void> {
        await this.#writing;
    }

    /** Takes some out and puts one in, where it was or behind the last: both in one write, or a page that goes in between loses one. */
    replace(dropped: readonly number[], kept: Entry | null): void {
        const rest = this.entries.filter((one) => !dropped.includes(one.id));
        const isThere = rest.some((one) => one.id === kept?.id);
        this.entries = kept === null ? rest : isThere ? rest.map((one) => (one.id === kept.id ? kept : one)) : [...rest, kept];
        this.#write(dropped, kept);
    }

    async #read(): Promise<void> {
        await this.#writing;
        const kept = await this.device.entries().catch(() => null);
        if (kept !== null) {
            // What is not written yet, or could not be, is here alone; what is to go is there still.
            const alone = this.entries.filter((one) => this.#unwritten.includes(one.id));
            const there = kept.filter((one) => !this.#undropped.includes(one.id) && !this.#unwritten.includes(one.id));
            this.entries = [...there, ...alone].sort((a, b) => a.id - b.id);
        }
    }

    #write(dropped: readonly number[], kept: Entry | null): void {
        const written = kept === null ? [] : [kept.id];
        this.#unwritten = [...without(this.#unwritten, dropped), ...written];
        this.#undropped = [...this.#undropped, ...dropped];
        this.#writing = this.#writing
            .then(() => this.device.replace(dropped, kept))
            .then(() => {
                this.full = false;
                this.#undropped = without(this.#undropped, dropped);
                this.#unwritten = without(this.#unwritten, written);
                this.#others?.postMessage('changed');
            })
            .catch(() => {
                this.full = true;
            });
    }
}
