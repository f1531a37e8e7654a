import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import type { Entry } from '../../offline/entry';
import { outbox as here } from '../../offline/here';
import type { Outbox } from '../../offline/outbox.svelte';
import { entryOf, tickIn, type Tick } from './tick';

type Batch = Schemas['Batch'];
type Scoop = Schemas['Scoop'];
type Task = Schemas['Plan']['loads'][number]['tasks'][number];

/** How often the ticks of another device are fetched, in ms. */
const AGAIN = 4000;

/**
 * The spoonfuls and steps of a batch. A tick shows at once. If no answer comes it stays, here and on this device, and is sent
 * again until one does; only what the server refuses is taken back, and said.
 */
export class Tally {
    batch = $state.raw<Batch>() as Batch;
    load = $state(1);
    fault = $state.raw<Fault | null>(null);
    /** Ticks made here, oldest first. */
    readonly #done: Omit<Tick, 'ticked'>[] = [];
    #waiting: Promise<unknown> = Promise.resolve();

    constructor(
        batch: Batch,
        private readonly outbox: Outbox = here,
    ) {
        this.batch = batch;
        this.#showUnsent();
        outbox.listen(this.#group, {
            sent: (entry, answer) => this.#sent(entry, answer),
            refused: (entry, fault) => this.#refused(entry, fault),
        });
        this.#send();
        this.load = this.#begun;
    }

    get items(): Batch['items'] {
        return this.batch.items;
    }

    get loads(): number {
        return this.batch.plan.loads.length;
    }

    /** Loads that are mixed, and sprayed or in the sprayer. */
    get mixed(): number {
        return this.batch.bottle.mixed;
    }

    get shown(): Batch['items'] {
        return this.items.filter((item) => item.load === this.load);
    }

    get planned(): number {
        return this.#sum((scoop) => scoop.count);
    }

    get ticked(): number {
        return this.#sum((scoop) => scoop.ticked.length);
    }

    get tasks(): Task[] {
        return this.tasksOf(this.load);
    }

    tasksOf(load: number): Task[] {
        return (this.batch.plan.loads[load - 1]?.tasks ?? []).slice(0, this.batch.mixingSteps[load - 1]);
    }

    itemOf(load: number, task: Task): Batch['items'][number] | undefined {
        return task.item === null ? undefined : this.items.find((one) => one.load === load && one.key === task.item);
    }

    /** Whether a step is ticked: spoonful by spoonful, or whole. */
    isDone(load: number, number: number): boolean {
        const task = this.tasksOf(load)[number - 1];
        const item = task === undefined ? undefined : this.itemOf(load, task);
        return item === undefined
            ? this.batch.steps.some((one) => one.load === load && one.number === number)
            : item.scoops.every((scoop) => scoop.ticked.length === scoop.count);
    }

    /** The step of a load that comes next, from 1: the first behind the last that is done; null when the load is through. */
    currentIn(load: number): number | null {
        const numbers = this.tasksOf(load).map((_, i) => i + 1);
        const last = numbers.findLast((number) => this.isDone(load, number)) ?? 0;
        return numbers.find((number) => number > last) ?? null;
    }

    /** mL in the sprayer after the last step of this load that is done. */
    get level(): number {
        const next = this.currentIn(this.load);
        return this.tasks[(next ?? this.tasks.length + 1) - 2]?.level_mL ?? 0;
    }

    /** Ticks a step that has no spoons. */
    tickStep(load: number, number: number, ticked: boolean): void {
        this.#begin({ step: true, of: load, number, ticked });
    }

    /** All spoonfuls of a step go in. */
    tickItem(item: Batch['items'][number]): void {
        for (const scoop of item.scoops) {
            for (let number = 1; number <= scoop.count; number++) {
                const now = this.#find(scoop.id);
                if (now !== undefined && !now.ticked.includes(number)) {
                    this.tick(now, number, true);
                }
            }
        }
    }

    tick(scoop: Scoop, number: number, ticked: boolean): void {
        this.#begin({ step: false, of: scoop.id, number, ticked });
    }

    /** The spoonful, or the step without spoons, that comes next. */
    tickNext(): void {
        const at = this.currentIn(this.load);
        const task = at === null ? undefined : this.tasks[at - 1];
        if (at === null || task === undefined) {
            return;
        }
        const item = this.itemOf(this.load, task);
        if (item === undefined) {
            this.tickStep(this.load, at, true);
            return;
        }
        for (const scoop of item.scoops) {
            const number = [...Array(scoop.count).keys()].map((i) => i + 1).find((one) => !scoop.ticked.includes(one));
            if (number !== undefined) {
                this.tick(scoop, number, true);
                return;
            }
        }
    }

    /** Takes the last tick of this screen back. */
    undo(): void {
        const last = this.#done.pop();
        if (last !== undefined) {
            this.#begin({ ...last, ticked: false });
        }
    }

    async tickRest(): Promise<void> {
        for (const item of this.#inHand) {
            this.tickItem(item);
        }
        await this.settled();
    }

    /** Once every tick so far was answered, or had its try. */
    async settled(): Promise<void> {
        this.#send();
        await this.#waiting;
    }

    /** Keeps on fetching what another device ticked. Returns how to stop. */
    watch(): () => void {
        const look = (): void => {
            if (document.visibilityState === 'visible') {
                this.#waiting = this.#waiting.then(() => this.#refresh());
            }
        };
        const timer = setInterval(look, AGAIN);
        document.addEventListener('visibilitychange', look);
        addEventListener('online', look);
        return () => {
            clearInterval(timer);
            document.removeEventListener('visibilitychange', look);
            removeEventListener('online', look);
        };
    }

    get #group(): string {
        return `batches/${this.batch.key}`;
    }

    /** Those of this batch that wait, oldest first. */
    get #unsent(): readonly Tick[] {
        return this.outbox.of(this.#group).flatMap((entry) => tickIn(entry) ?? []);
    }

    #showUnsent(): void {
        for (const tick of this.#unsent) {
            this.#show(tick);
        }
    }

    /** It shows at once, is kept here, and is sent. */
    #begin(tick: Tick): void {
        if (tick.ticked) {
            this.#done.push({ step: tick.step, of: tick.of, number: tick.number });
        }
        this.#show(tick);
        this.outbox.put(entryOf(this.batch.key, tick));
        this.#send();
    }

    #send(): void {
        this.#waiting = this.#waiting.then(() => this.outbox.drain());
    }

    #sent(entry: Entry, answer: unknown): void {
        const tick = tickIn(entry);
        if (tick === null) {
            return;
        }
        this.fault = null;
        const now = tick.step ? undefined : this.#find(tick.of);
        const ticked = (answer as Partial<Scoop> | null)?.ticked ?? [];
        // Taps that came since then are newer than this answer.
        if (now !== undefined && !ticked.includes(tick.number) === tick.ticked && !this.#isTold(entry)) {
            this.#replace({ ...now, ticked });
        }
    }

    #refused(entry: Entry, fault: Fault): void {
        const tick = tickIn(entry);
        if (tick !== null && !this.#isTold(entry)) {
            this.#show({ ...tick, ticked: !tick.ticked });
        }
        this.fault = new Fault(fault.path, say('batch/tally.that-tick-was-not-saved', { message: fault.message }), fault.status);
    }

    /** Whether something newer is kept of the same spoonful. */
    #isTold(entry: Entry): boolean {
        return this.outbox.waiting.some((one) => one.key === entry.key);
    }

    /** What another device ticked meanwhile; a machine that does not answer is told of by the ticks themselves. */
    async #refresh(): Promise<void> {
        try {
            this.batch = await taken(api.GET('/api/batches/{id}', { params: { path: { id: this.batch.id } } }));
            this.#showUnsent();
        } catch {
            // The next look asks again.
        }
    }

    #show(tick: Tick): void {
        if (tick.step) {
            const others = this.batch.steps.filter((one) => one.load !== tick.of || one.number !== tick.number);
            const steps = tick.ticked ? [...others, { load: tick.of, number: tick.number }] : others;
            this.batch = { ...this.batch, steps };
            return;
        }
        const now = this.#find(tick.of);
        if (now !== undefined) {
            const others = now.ticked.filter((one) => one !== tick.number);
            this.#replace({ ...now, ticked: tick.ticked ? [...others, tick.number] : others });
        }
    }

    #find(scoop: number): Scoop | undefined {
        return this.items.flatMap((item) => item.scoops).find((one) => one.id === scoop);
    }

    #replace(scoop: Scoop): void {
        const items = this.items.map((item) => ({ ...item, scoops: item.scoops.map((one) => (one.id === scoop.id ? scoop : one)) }));
        this.batch = { ...this.batch, items };
    }

    /** The last load that something went into since what stands mixed; the next where nothing did. */
    get #begun(): number {
        const begun = (load: number): boolean => this.tasksOf(load).some((task, i) => this.#isTouched(load, task, i + 1));
        return (
            Array.from({ length: this.loads }, (_, i) => i + 1).findLast((load) => load > this.mixed && begun(load)) ??
            Math.min(this.mixed + 1, this.loads)
        );
    }

    #isTouched(load: number, task: Task, number: number): boolean {
        return this.isDone(load, number) || (this.itemOf(load, task)?.scoops.some((scoop) => scoop.ticked.length > 0) ?? false);
    }

    /** Of the loads that are mixed now: the one that is shown, and those before it that stand with it. */
    get #inHand(): Batch['items'] {
        return this.items.filter((item) => item.load > this.mixed && item.load <= Math.max(this.load, this.mixed + 1));
    }

    #sum(of: (scoop: Scoop) => number): number {
        return this.#inHand.reduce((all, item) => all + item.scoops.reduce((some, scoop) => some + of(scoop), 0), 0);
    }
}
