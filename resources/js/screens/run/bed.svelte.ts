import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { Kept } from '../../lib/kept';
import { instantAt } from '../../lib/time';

type Run = Schemas['Run'];
type Step = Schemas['RunStep'];

/** A step that was tapped, and when: the server may hear of it later. */
interface Tap {
    step: string;
    done: boolean;
    at: string;
}

/** How often taps that did not get through are sent again, and those of another device fetched, in ms. */
const AGAIN = 3000;
const MINUTE = 60_000;

/** A server that is busy, or no line at all, refuses nothing: what was tapped waits. */
const isRefusal = (fault: Fault): boolean => fault.status >= 400 && fault.status < 500;

function isTap(value: unknown): value is Tap {
    const tap = value as Partial<Tap> | null;
    return typeof tap === 'object' && typeof tap?.step === 'string' && typeof tap.done === 'boolean' && typeof tap.at === 'string';
}

/** A walk through the bed: a tap shows at once, is kept on this device until the server has it, and is sent in order. */
export class Bed {
    run = $state.raw<Run>() as Run;
    fault = $state.raw<Fault | null>(null);
    waiting = $state.raw<Tap[]>([]);
    readonly #kept: Kept;
    /** How far this device's clock is ahead of the server's, in ms. */
    #ahead: number;
    #busy = false;
    #timer: ReturnType<typeof setInterval> | undefined;

    constructor(
        run: Run,
        private readonly clock: () => number = Date.now,
    ) {
        this.run = run;
        this.#ahead = clock() - Date.parse(run.now);
        this.#kept = new Kept(`idle-mixer-run-${run.id}`);
        const kept = this.#kept.read();
        this.waiting = Array.isArray(kept) ? kept.filter(isTap) : [];
    }

    /** Sends what waits and fetches what another device did, again and again. */
    follow(): () => void {
        void this.send();
        this.#timer = setInterval(() => void (this.waiting.length > 0 ? this.send() : this.fetch()), AGAIN);
        return () => clearInterval(this.#timer);
    }

    isDone(step: Step): boolean {
        return this.waiting.findLast((tap) => tap.step === step.key)?.done ?? step.doneAt !== null;
    }

    get current(): Step | null {
        return this.run.finishedAt === null ? (this.run.steps.find((step) => !this.isDone(step)) ?? null) : null;
    }

    get number(): number {
        const current = this.current;
        return current === null ? this.run.steps.length : this.run.steps.indexOf(current) + 1;
    }

    /** The step before, to be taken back. */
    get last(): Step | null {
        const current = this.current;
        const done = this.run.steps
            .slice(0, current === null ? undefined : this.run.steps.indexOf(current))
            .filter((step) => this.isDone(step));
        return done.at(-1) ?? null;
    }

    get next(): Step | null {
        return this.run.steps[this.number] ?? null;
    }

    /** Milliseconds until a step with a time of its own is over: from the last plant on, by the server's clock. */
    get left(): number | null {
        const minutes = this.current?.minutes ?? null;
        if (minutes === null) {
            return null;
        }
        const sprayed = this.run.steps.filter((step) => step.kind === 'plant' && this.isDone(step)).map((step) => this.#doneAt(step));
        return Math.max(...sprayed, 0) + minutes * MINUTE - (this.clock() - this.#ahead);
    }

    async tap(step: string, done: boolean): Promise<void> {
        this.fault = null;
        this.#keep([...this.waiting, { step, done, at: instantAt(this.clock() - this.#ahead) }]);
        await this.send();
    }

    async pause(paused: boolean): Promise<void> {
        this.fault = await this.#ask(() =>
            taken(api.PUT('/api/runs/{id}/paused', { params: { path: { id: this.run.id } }, body: { paused } })),
        );
    }

    async finish(leftMl: number, rest: 'used-up' | 'poured-away' | 'kept'): Promise<void> {
        await this.send();
        this.fault = await this.#ask(() =>
            taken(api.PUT('/api/runs/{id}/finished', { params: { path: { id: this.run.id } }, body: { leftMl, rest } })),
        );
    }

    /** In the order in which they were tapped; what the server refuses is said, and waits no more. */
    async send(): Promise<void> {
        if (this.#busy) {
            return;
        }
        this.#busy = true;
        for (let tap = this.waiting[0]; tap !== undefined; tap = this.waiting[0]) {
            const { step, done, at } = tap;
            const fault = await this.#ask(() =>
                taken(api.PUT('/api/runs/{id}/steps/{step}', { params: { path: { id: this.run.id, step } }, body: { done, at } })),
            );
            this.fault = fault;
            if (fault !== null && !isRefusal(fault)) {
                break;
            }
            this.#keep(this.waiting.slice(1));
            if (fault !== null) {
                break;
            }
        }
        this.#busy = false;
    }

    async fetch(): Promise<void> {
        const fault = await this.#ask(() => taken(api.GET('/api/runs/{id}', { params: { path: { id: this.run.id } } })));
        // What was refused stays until it was read; a dead line is over once it is back.
        if (this.fault === null || !isRefusal(this.fault)) {
            this.fault = fault;
        }
    }

    /** What went wrong; null where it was answered. */
    async #ask(ask: () => Promise<Run>): Promise<Fault | null> {
        try {
            const run = await ask();
            // What was asked earlier may come later: it knows less.
            this.run = run.version >= this.run.version ? run : this.run;
            this.#ahead = this.clock() - Date.parse(run.now);
            return null;
        } catch (thrown) {
            return Fault.from(thrown);
        }
    }

    #doneAt(step: Step): number {
        return Date.parse(this.waiting.findLast((tap) => tap.step === step.key)?.at ?? step.doneAt ?? '');
    }

    #keep(waiting: Tap[]): void {
        this.waiting = waiting;
        if (waiting.length === 0) {
            this.#kept.drop();
        } else {
            this.#kept.keep(waiting);
        }
    }
}
