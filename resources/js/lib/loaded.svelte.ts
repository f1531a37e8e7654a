import { Fault } from './fault';

/** Something that is fetched: waiting, there, or failed with a reason. */
export class Loaded<T> {
    value = $state.raw<T | null>(null);
    fault = $state.raw<Fault | null>(null);

    constructor(private readonly fetch: () => Promise<T>) {
        void this.reload();
    }

    async reload(): Promise<void> {
        try {
            this.value = await this.fetch();
            this.fault = null;
        } catch (thrown) {
            this.fault = Fault.from(thrown);
        }
    }
}
