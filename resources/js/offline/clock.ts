import { instantAt } from '../lib/time';

/** How far this clock was ahead when the machine that serves was heard last, and how far it parted since from one that nobody sets; in seconds. */
export interface Known {
    readonly ahead: number;
    readonly drift: number;
}

/** By the clock of this device and by one that nobody sets, in ms. */
interface Heard {
    readonly ahead: number;
    readonly at: number;
    readonly running: number;
}

/** The clock of this device beside the one of the machine that serves: what is kept goes by that one's hour. */
export class DeviceClock {
    #heard: Heard | null = null;

    constructor(
        private readonly now: () => number = Date.now,
        private readonly running: () => number = () => performance.now(),
    ) {}

    /** The hour of this device, as it goes with a call. */
    get instant(): string {
        return instantAt(this.now());
    }

    hear(response: Response): void {
        const date = Date.parse(response.headers.get('Date') ?? '');
        if (!Number.isNaN(date)) {
            this.#heard = { ahead: this.now() - date, at: this.now(), running: this.running() };
        }
    }

    /** Null where nothing was heard on this page. What it comes to is not judged here. */
    get known(): Known | null {
        if (this.#heard === null) {
            return null;
        }
        const { ahead, at, running } = this.#heard;
        return { ahead: Math.round(ahead / 1000), drift: Math.round((this.now() - at - (this.running() - running)) / 1000) };
    }
}

export const deviceClock = new DeviceClock();
