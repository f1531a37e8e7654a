import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';

type Batch = Schemas['Batch'];
type Scoop = Schemas['Scoop'];

/** The spoonfuls of a batch. A tick shows at once; if the server does not take it, it is taken back and said. */
export class Tally {
    batch = $state.raw<Batch>() as Batch;
    load = $state(1);
    fault = $state.raw<Fault | null>(null);
    #waiting: Promise<unknown> = Promise.resolve();

    constructor(batch: Batch) {
        this.batch = batch;
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
            const item = task.item === null ? undefined : this.shown.find((one) => one.position === task.item);
            if (item !== undefined && !item.scoops.every((scoop) => scoop.ticked.length === scoop.count)) {
                return level;
            }
            level = task.level_mL;
        }
        return level;
    }

    tick(scoop: Scoop, number: number, ticked: boolean): void {
        this.#replace({ ...scoop, ticked: ticked ? [...scoop.ticked, number] : scoop.ticked.filter((one) => one !== number) });
        // One after the other, so that the answers come back in the order of the taps.
        this.#waiting = this.#waiting.then(() => this.#send(scoop.id, number, ticked));
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

    /** Once every tick so far was answered. */
    async settled(): Promise<void> {
        await this.#waiting;
    }

    async #send(scoop: number, number: number, ticked: boolean): Promise<void> {
        try {
            const saved = await taken(
                api.PUT('/api/batches/{id}/scoops/{scoop}/ticks/{number}', {
                    params: { path: { id: this.batch.id, scoop, number } },
                    body: { ticked },
                }),
            );
            this.fault = null;
            // Taps that came since then are newer than this answer.
            const now = this.#find(scoop);
            if (now !== undefined && !saved.ticked.includes(number) === ticked) {
                this.#replace(saved);
            }
        } catch (thrown) {
            const fault = Fault.from(thrown);
            const now = this.#find(scoop);
            if (now !== undefined) {
                this.#replace({ ...now, ticked: ticked ? now.ticked.filter((one) => one !== number) : [...now.ticked, number] });
            }
            this.fault = new Fault(fault.path, `That tick was not saved and was taken back: ${fault.message}`, fault.status);
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
