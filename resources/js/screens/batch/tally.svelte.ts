import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { Unsent, type Tick } from './unsent';

type Batch = Schemas['Batch'];
type Scoop = Schemas['Scoop'];
type Task = Schemas['Plan']['loads'][number]['tasks'][number];

/** How often ticks that did not get through are sent again, and those of another device fetched, in ms. */
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
    readonly #unsent: Unsent;
    #waiting: Promise<unknown> = Promise.resolve();

    constructor(batch: Batch) {
        this.batch = batch;
        this.#unsent = new Unsent(batch.id);
        for (const tick of this.#unsent.all) {
            this.#show(tick);
        }
        this.sendKept();
        this.load = this.batch.plan.loads.findIndex((_, i) => this.currentIn(i + 1) !== null) + 1 || this.loads;
    }

    get items(): Batch['items'] {
        return this.batch.items;
    }

    get loads(): number {
        return this.batch.plan.loads.length;
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
        return this.batch.plan.loads[load - 1]?.tasks ?? [];
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
        for (const item of this.items) {
            this.tickItem(item);
        }
        await this.settled();
    }

    /** Once every tick so far was answered, or had its try. */
    async settled(): Promise<void> {
        this.sendKept();
        await this.#waiting;
    }

    /** Sends what had no answer yet once more. */
    sendKept(): void {
        for (const tick of this.#unsent.all) {
            this.#later(tick);
        }
    }

    /** Keeps on sending what is kept and fetching what another device ticked. Returns how to stop. */
    watch(): () => void {
        const look = (): void => {
            if (document.visibilityState === 'visible') {
                this.sendKept();
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

    /** It shows at once, is kept here, and is sent. */
    #begin(tick: Tick): void {
        if (tick.ticked) {
            this.#done.push({ step: tick.step, of: tick.of, number: tick.number });
        }
        this.#show(tick);
        this.#unsent.add(tick);
        this.#later(tick);
    }

    /** One after the other, so that the answers come back in the order of the taps. */
    #later(tick: Tick): void {
        this.#waiting = this.#waiting.then(() => this.#send(tick));
    }

    async #send(tick: Tick): Promise<void> {
        if (!this.#unsent.has(tick)) {
            return;
        }
        try {
            await (tick.step ? this.#sendStep(tick) : this.#sendScoop(tick));
        } catch (thrown) {
            this.#missed(tick, Fault.from(thrown));
        }
    }

    async #sendScoop(tick: Tick): Promise<void> {
        const saved = await taken(
            api.PUT('/api/batches/{id}/scoops/{scoop}/ticks/{number}', {
                params: { path: { id: this.batch.id, scoop: tick.of, number: tick.number } },
                body: { ticked: tick.ticked },
            }),
        );
        this.#taken(tick);
        // Taps that came since then are newer than this answer.
        const now = this.#find(tick.of);
        if (now !== undefined && !saved.ticked.includes(tick.number) === tick.ticked && !this.#unsent.tellsOf(tick)) {
            this.#replace({ ...now, ticked: saved.ticked });
        }
    }

    async #sendStep(tick: Tick): Promise<void> {
        await taken(
            api.PUT('/api/batches/{id}/loads/{load}/steps/{number}', {
                params: { path: { id: this.batch.id, load: tick.of, number: tick.number } },
                body: { ticked: tick.ticked },
            }),
        );
        this.#taken(tick);
    }

    #taken(tick: Tick): void {
        this.#unsent.drop(tick);
        this.fault = null;
    }

    #missed(tick: Tick, fault: Fault): void {
        if (fault.status === 0 || fault.status >= 500) {
            const waiting = this.#unsent.all.length;
            this.fault = new Fault(
                '',
                `${fault.status === 0 ? 'The machine that serves does not answer.' : fault.message} ${waiting === 1 ? 'One tick is' : `${waiting} ticks are`} kept on this device and sent again until it does: go on.`,
            );
            return;
        }
        this.#unsent.drop(tick);
        if (!this.#unsent.tellsOf(tick)) {
            this.#show({ ...tick, ticked: !tick.ticked });
        }
        this.fault = new Fault(fault.path, `That tick was not saved and was taken back: ${fault.message}`, fault.status);
    }

    /** What another device ticked meanwhile; a machine that does not answer is told of by the ticks themselves. */
    async #refresh(): Promise<void> {
        try {
            this.batch = await taken(api.GET('/api/batches/{id}', { params: { path: { id: this.batch.id } } }));
            for (const tick of this.#unsent.all) {
                this.#show(tick);
            }
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

    #sum(of: (scoop: Scoop) => number): number {
        return this.items.reduce((all, item) => all + item.scoops.reduce((some, scoop) => some + of(scoop), 0), 0);
    }
}
