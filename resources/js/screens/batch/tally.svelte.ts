import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { Unsent, type Tick } from './unsent';

type Batch = Schemas['Batch'];
type Scoop = Schemas['Scoop'];

/** How often ticks that did not get through are sent again, and those of another device fetched, in ms. */
const AGAIN = 4000;

/**
 * The spoonfuls of a batch. A tick shows at once. If no answer comes it stays, here and on this device, and is sent
 * again until one does; only what the server refuses is taken back, and said.
 */
export class Tally {
    batch = $state.raw<Batch>() as Batch;
    load = $state(1);
    fault = $state.raw<Fault | null>(null);
    /** Ticks made here, oldest first. */
    readonly #done: { scoop: number; number: number }[] = [];
    readonly #unsent: Unsent;
    #waiting: Promise<unknown> = Promise.resolve();

    constructor(batch: Batch) {
        this.batch = batch;
        this.#unsent = new Unsent(batch.id);
        for (const tick of this.#unsent.all) {
            this.#show(tick);
        }
        this.sendKept();
        this.load = this.items.find((item) => item.scoops.some((scoop) => scoop.ticked.length < scoop.count))?.load ?? this.loads;
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

    /** mL in the sprayer after the last step of this load whose spoonfuls are all in. */
    get level(): number {
        let level = 0;
        for (const task of this.batch.plan.loads[this.load - 1]?.tasks ?? []) {
            const item = task.item === null ? undefined : this.shown.find((one) => one.key === task.item);
            if (item !== undefined && !item.scoops.every((scoop) => scoop.ticked.length === scoop.count)) {
                return level;
            }
            level = task.level_mL;
        }
        return level;
    }

    tick(scoop: Scoop, number: number, ticked: boolean): void {
        if (ticked) {
            this.#done.push({ scoop: scoop.id, number });
        }
        const tick = { scoop: scoop.id, number, ticked };
        this.#show(tick);
        this.#unsent.add(tick);
        this.#later(tick);
    }

    /** The spoonful that comes next in this load. */
    tickNext(): void {
        for (const item of this.shown) {
            for (const scoop of item.scoops) {
                const number = [...Array(scoop.count).keys()].map((i) => i + 1).find((one) => !scoop.ticked.includes(one));
                if (number !== undefined) {
                    this.tick(scoop, number, true);
                    return;
                }
            }
        }
    }

    /** Takes the last tick of this screen back. */
    undo(): void {
        const last = this.#done.pop();
        const scoop = last === undefined ? undefined : this.#find(last.scoop);
        if (last !== undefined && scoop?.ticked.includes(last.number)) {
            this.tick(scoop, last.number, false);
        }
    }

    async tickRest(): Promise<void> {
        for (const item of this.items) {
            for (const scoop of item.scoops) {
                for (let number = 1; number <= scoop.count; number++) {
                    const now = this.#find(scoop.id);
                    if (now !== undefined && !now.ticked.includes(number)) {
                        this.tick(now, number, true);
                    }
                }
            }
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

    /** One after the other, so that the answers come back in the order of the taps. */
    #later(tick: Tick): void {
        this.#waiting = this.#waiting.then(() => this.#send(tick));
    }

    async #send(tick: Tick): Promise<void> {
        if (!this.#unsent.has(tick)) {
            return;
        }
        try {
            const saved = await taken(
                api.PUT('/api/batches/{id}/scoops/{scoop}/ticks/{number}', {
                    params: { path: { id: this.batch.id, scoop: tick.scoop, number: tick.number } },
                    body: { ticked: tick.ticked },
                }),
            );
            this.#unsent.drop(tick);
            this.fault = null;
            // Taps that came since then are newer than this answer.
            const now = this.#find(tick.scoop);
            if (now !== undefined && !saved.ticked.includes(tick.number) === tick.ticked && !this.#unsent.tellsOf(tick)) {
                this.#replace({ ...now, ticked: saved.ticked });
            }
        } catch (thrown) {
            this.#missed(tick, Fault.from(thrown));
        }
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
        const now = this.#find(tick.scoop);
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
