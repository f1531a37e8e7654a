import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { Sending } from '../../lib/sending.svelte';
import { MEASURED, small } from '../../lib/small';

type Circle = { x: number; y: number; radius: number };

type Tested = Pick<Schemas['LeafTest'], 'id' | 'key'>;

/** A photograph of one leaf, and how it is read. */
export class PhotoState {
    when = $state<'before' | 'after'>('after');
    measured = $state.raw<Schemas['MeasuredLeaf'] | null>(null);
    strictness = $state(0);
    leaveOut = $state.raw<Circle[]>([]);
    healthy = $state.raw<Circle[]>([]);
    /** Changes with each picture, so that the browser shows the new one. */
    turn = $state(0);
    readonly sending = new Sending();
    readonly #test: Tested;
    readonly #leaf: number;

    constructor(test: Tested, leaf: number) {
        this.#test = test;
        this.#leaf = leaf;
    }

    get path(): { id: string; leaf: number; when: 'before' | 'after' } {
        return { id: this.#test.key, leaf: this.#leaf, when: this.when };
    }

    get source(): string {
        return `/api/leaf-tests/${this.#test.id}/photos/${this.#leaf}/${this.when}?turn=${this.turn}`;
    }

    async take(file: File, when: 'before' | 'after'): Promise<boolean> {
        this.when = when;
        this.measured = null;
        this.#plain();
        const kept = await this.sending.send(async () => {
            const picture = await small(file, MEASURED);
            return taken(api.PUT('/api/leaf-tests/{id}/photos/{leaf}/{when}', { params: { path: this.path }, body: { picture } }));
        });
        this.#took(kept?.measured);
        this.turn += 1;
        return kept !== null;
    }

    /** Measures anew, as it is to be read now. */
    async again(): Promise<void> {
        const { strictness, leaveOut, healthy } = this;
        const told = await this.sending.send(() =>
            taken(
                api.POST('/api/leaf-tests/{id}/photos/{leaf}/{when}', {
                    params: { path: this.path },
                    body: { strictness, leaveOut, healthy },
                }),
            ),
        );
        this.#took(told?.measured);
    }

    async mark(x: number, y: number, as: 'leaveOut' | 'healthy'): Promise<void> {
        this[as] = [...this[as], { x, y, radius: RADIUS }];
        await this.again();
    }

    async unmark(): Promise<void> {
        this.#plain();
        await this.again();
    }

    #plain(): void {
        this.strictness = 0;
        this.leaveOut = [];
        this.healthy = [];
    }

    #took(measured: Schemas['MeasuredLeaf'] | null | undefined): void {
        if (measured === undefined) {
            this.sending.fault ??= new Fault('', say('leaf/photo.photograph-was-not-measured'));
        } else {
            this.measured = measured;
        }
    }
}

/** Of a circle that a tap leaves out, by the long side. */
const RADIUS = 0.04;
