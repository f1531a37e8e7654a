/** A page that nobody touched yet may neither shake the phone nor sound. */
const isTouched = (): boolean => navigator.userActivation?.hasBeenActive ?? true;

export function vibrate(): void {
    if (isTouched()) {
        navigator.vibrate?.([300, 150, 300]);
    }
}

/** Rings at an interval, as far as a browser lets it: sound, vibration, and the screen kept awake. */
export class Reshake {
    running = $state(false);
    left = $state(0);
    rings = $state(0);
    #timer: ReturnType<typeof setInterval> | undefined;
    #due = 0;
    #sound: AudioContext | null = null;
    #awake: WakeLockSentinel | null = null;

    constructor(
        readonly seconds: number,
        private readonly now: () => number = Date.now,
    ) {}

    start(): void {
        this.stop();
        this.running = true;
        // Some browsers let a page sound only if it was made ready while it was touched.
        this.#sound = isTouched() && typeof AudioContext !== 'undefined' ? new AudioContext() : null;
        void navigator.wakeLock?.request('screen').then(
            (lock) => (this.#awake = lock),
            // Without it the timer still runs while the screen is on.
            () => undefined,
        );
        this.#again();
        this.#timer = setInterval(() => this.tick(), 250);
    }

    stop(): void {
        clearInterval(this.#timer);
        this.running = false;
        void this.#awake?.release();
        void this.#sound?.close();
        this.#awake = null;
        this.#sound = null;
    }

    /** By the clock and not by counting: a sleeping page wakes up late. */
    tick(): void {
        this.left = Math.max(0, Math.ceil((this.#due - this.now()) / 1000));
        if (this.now() >= this.#due) {
            this.rings++;
            this.#ring();
            this.#again();
        }
    }

    #again(): void {
        this.#due = this.now() + 1000 * this.seconds;
        this.left = Math.ceil(this.seconds);
    }

    #ring(): void {
        vibrate();
        if (typeof AudioContext === 'undefined' || !isTouched()) {
            return;
        }
        const sound = (this.#sound ??= new AudioContext());
        const tone = sound.createOscillator();
        tone.frequency.value = 880;
        tone.connect(sound.destination);
        tone.start();
        tone.stop(sound.currentTime + 0.6);
    }
}
