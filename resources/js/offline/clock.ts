import { instantAt } from '../lib/time';

/** Within this many ms two clocks are one. */
const SAME = 120_000;

/** When the machine that serves was last heard, by the clock of this device and by one that nobody sets. */
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

    /**
     * Seconds by which this clock is ahead of the machine's, as far as that is known now: null where nothing was heard on this page,
     * and where the clock was set since, or the device slept.
     */
    get ahead(): number | null {
        if (this.#heard === null) {
            return null;
        }
        const { ahead, at, running } = this.#heard;
        const drift = this.now() - at - (this.running() - running);
        return Math.abs(drift) > SAME ? null : Math.round(ahead / 1000);
    }
}

export const deviceClock = new DeviceClock();
