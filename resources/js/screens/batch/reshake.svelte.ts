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
        this.#sound = typeof AudioContext === 'undefined' ? null : new AudioContext();
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
        navigator.vibrate?.([300, 150, 300]);
        const sound = this.#sound;
        if (sound === null) {
            return;
        }
        const tone = sound.createOscillator();
        tone.frequency.value = 880;
        tone.connect(sound.destination);
        tone.start();
        tone.stop(sound.currentTime + 0.6);
    }
}
