import { line } from '../../lib/line.svelte';
import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import type { Entry } from '../../offline/entry';
import { outbox as here } from '../../offline/here';
import type { Outbox } from '../../offline/outbox.svelte';
import { entryOf, tapIn, type Tap } from './tap';

type Run = Schemas['Run'];
type Step = Schemas['RunStep'];

/** How often what another device did is fetched, in ms. */
const AGAIN = 3000;
const LEFT_OUT = /^left-out-/;
const MINUTE = 60_000;
/** From this status on the server refused. */
const LEAST_REFUSAL = 400;

/** A walk through the bed: a tap shows at once, is kept on this device until the server has it, and is sent in order. */
export class Bed {
    run = $state.raw<Run>() as Run;
    fault = $state.raw<Fault | null>(null);
    /** How far this device's clock is ahead of the server's, in ms. */
    #ahead: number;
    #timer: ReturnType<typeof setInterval> | undefined;

    constructor(
        run: Run,
        private readonly clock: () => number = Date.now,
        private readonly outbox: Outbox = here,
    ) {
        this.run = run;
        this.#ahead = clock() - Date.parse(run.now);
        line.names.set(this.#group, [run.batch.name, ...run.plants.map((plant) => plant.name)].join(', '));
        outbox.listen(this.#group, {
            sent: (entry: Entry, answer: unknown) => {
                this.fault = null;
                if (tapIn(entry) !== null && answer !== null) {
                    this.#take(answer as Run);
                }
            },
            refused: (_: Entry, fault: Fault) => (this.fault = fault),
        });
    }

    /** Taps that the server does not have yet, oldest first. */
    get waiting(): readonly Tap[] {
        return this.outbox.of(this.#group).flatMap((entry) => tapIn(entry) ?? []);
    }

    get #group(): string {
        return `runs/${this.run.key}`;
    }

    /** Sends what waits, and fetches what another device did, again and again. */
    follow(): () => void {
        void this.send();
        this.#timer = setInterval(() => void (this.waiting.length > 0 ? undefined : this.fetch()), AGAIN);
        return () => clearInterval(this.#timer);
    }

    isDone(step: Step): boolean {
        // What is left out this time is done with, too.
        return this.waiting.findLast((tap) => tap.step.replace(LEFT_OUT, '') === step.key)?.done ?? step.doneAt !== null;
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
            // A load that is mixed stays mixed.
            .filter((step) => step.kind !== 'mix' && this.isDone(step));
        return done.at(-1) ?? null;
    }

    get next(): Step | null {
        return this.run.steps[this.number] ?? null;
    }

    /** Milliseconds until a step with a time of its own is over: from the last plant or brush on, by the server's clock. */
    get left(): number | null {
        const minutes = this.current?.minutes ?? null;
        if (minutes === null) {
            return null;
        }
        const sprayed = this.run.steps
            .filter((step) => (step.kind === 'plant' || step.kind === 'brush') && this.isDone(step))
            .map((step) => this.#doneAt(step));
        return Math.max(...sprayed, 0) + minutes * MINUTE - (this.clock() - this.#ahead);
    }

    async tap(step: string, done: boolean): Promise<void> {
        this.fault = null;
        this.outbox.put(entryOf(this.run.key, { step, done }));
        await this.send();
    }

    async pause(paused: boolean): Promise<void> {
        this.fault = await this.#ask(() =>
            taken(api.PUT('/api/runs/{id}/paused', { params: { path: { id: this.run.key } }, body: { paused } })),
        );
    }

    async finish(leftMl: number, rest: 'used-up' | 'poured-away' | 'kept'): Promise<void> {
        await this.send();
        this.fault = await this.#ask(() =>
            taken(api.PUT('/api/runs/{id}/finished', { params: { path: { id: this.run.key } }, body: { leftMl, rest } })),
        );
    }

    /** In the order in which they were tapped. */
    async send(): Promise<void> {
        await this.outbox.drain();
    }

    async fetch(): Promise<void> {
        const fault = await this.#ask(() => taken(api.GET('/api/runs/{id}', { params: { path: { id: this.run.id } } })));
        // What was refused stays until it was read; a dead line is over once it is back.
        if (this.fault === null || this.fault.status < LEAST_REFUSAL) {
            this.fault = fault;
        }
    }

    /** What went wrong; null where it was answered. */
    async #ask(ask: () => Promise<Run>): Promise<Fault | null> {
        try {
            this.#take(await ask());
            return null;
        } catch (thrown) {
            return Fault.from(thrown);
        }
    }

    #doneAt(step: Step): number {
        const here = this.waiting.findLast((tap) => tap.step === step.key);
        return here === undefined ? Date.parse(step.doneAt ?? '') : Date.parse(here.at) - this.#ahead;
    }

    /** What was asked earlier may come later: it knows less. */
    #take(run: Run): void {
        this.run = run.version >= this.run.version ? run : this.run;
        this.#ahead = this.clock() - Date.parse(run.now);
    }
}
