import type { Schemas } from '../../lib/client';

type Seen = Schemas['SeenLeaf'];
type Kind = Schemas['InjuryKind'];

/** How one leaf looks, while somebody says it; a share of null is not said yet. */
export class SeenState {
    share = $state<number | null>(null);
    low = $state(0);
    high = $state(0);
    kinds = $state.raw<Kind[]>([]);
    lost = $state(false);
    from = $state<Seen['from']>('eye');
    spots = $state.raw<Seen['spots']>([]);
    readonly leaf: number;

    constructor(leaf: number, kept: string) {
        this.leaf = leaf;
        const seen = kept === '' ? null : (JSON.parse(kept) as Seen & { share: number | null });
        if (seen !== null) {
            this.share = seen.share;
            this.low = seen.low;
            this.high = seen.high;
            this.kinds = seen.kinds;
            this.lost = seen.lost;
            this.from = seen.from;
            this.spots = seen.spots;
        }
    }

    get said(): boolean {
        return this.lost || this.share !== null;
    }

    /** By eye: one of the drawn leaves is most like it. */
    looksLike(share: number): void {
        this.#set(share, share, share, 'eye');
        this.lost = false;
        if (share === 0) {
            this.kinds = [];
            this.spots = [];
        }
    }

    measured(of: Pick<Schemas['MeasuredLeaf'], 'injured' | 'low' | 'high'>): void {
        this.#set(of.injured, Math.min(of.low, of.injured), Math.max(of.high, of.injured), 'photo');
    }

    toggle(kind: Kind): void {
        this.kinds = this.kinds.includes(kind) ? this.kinds.filter((one) => one !== kind) : [...this.kinds, kind];
    }

    /** Taps a place on the drawn leaf; a tap on one that is there takes it away. */
    tap(x: number, y: number, kind: Kind): void {
        const near = this.spots.find((one) => Math.hypot(one.x - x, one.y - y) < NEAR);
        this.spots = near === undefined ? [...this.spots, { x, y, kind }] : this.spots.filter((one) => one !== near);
        if (near === undefined && !this.kinds.includes(kind)) {
            this.kinds = [...this.kinds, kind];
        }
    }

    get body(): Schemas['GivenLeaf'] {
        const { leaf, low, high, kinds, lost, from, spots } = this;
        return { leaf, share: this.share ?? 0, low, high, kinds, lost, from: from === 'word' ? 'eye' : from, spots };
    }

    /** As the form keeps it on this device. */
    get kept(): string {
        return this.said || this.kinds.length > 0 ? JSON.stringify({ ...this.body, share: this.share }) : '';
    }

    #set(share: number, low: number, high: number, from: Seen['from']): void {
        this.share = share;
        this.low = low;
        this.high = high;
        this.from = from;
    }
}

/** How near a tap must be to take a mark away, by the width of the drawing. */
const NEAR = 0.06;
