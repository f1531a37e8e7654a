import { api, taken, type Schemas } from '../../lib/client';
import { Fault } from '../../lib/fault';
import { Latest } from '../../lib/latest.svelte';
import { typedNumber } from '../../lib/figures';

type Slip = Schemas['Slip'];
type Load = Schemas['Plan']['loads'][number];

export const KINDS = [
    { value: 'count', label: say('batch/slip.i-lost-count-or-put') },
    { value: 'left-out', label: say('batch/slip.i-left-out') },
    { value: 'ran-out', label: say('batch/slip.i-ran-out-of') },
    { value: 'measure', label: say('batch/slip.i-used-wrong-spoon') },
    { value: 'water', label: say('batch/slip.water-was-not-as-planned') },
] as const;

export interface Spoon {
    words: string;
    holds: Schemas['Amount'];
}

/** What could have been taken for the right spoon: one's own, and the usual ones. */
export function spoonsAbout(own: Schemas['Measure'][]): Spoon[] {
    const usual: Spoon[] = [
        { words: say('batch/slip.us-teaspoon'), holds: { amount: 1, unit: '[tsp_us]' } },
        { words: say('batch/slip.us-tablespoon'), holds: { amount: 1, unit: '[tbs_us]' } },
        { words: say('batch/slip.us-fluid-ounce'), holds: { amount: 1, unit: '[foz_us]' } },
        { words: say('batch/slip.us-cup'), holds: { amount: 1, unit: '[cup_us]' } },
    ];
    const all = [
        ...own
            .filter((one) => one.kind === 'level')
            .map((one) => ({ words: `${one.name}, ${one.words}`, holds: one.holds as Schemas['Amount'] })),
        ...usual,
    ];
    const same = (a: Spoon, b: Spoon): boolean => a.holds.amount === b.holds.amount && a.holds.unit === b.holds.unit;
    return all.filter((one, i) => all.findIndex((other) => same(one, other)) === i);
}

/** What went wrong with one load, as it is being said. */
export class SlipState {
    kind = $state<Slip['kind']>('count');
    /** Key of the thing in the load. */
    item = $state('');
    scoop = $state(0);
    /** How many went in, as it is said. */
    said = $state('');
    /** Position in the list of measures, for the wrong spoon. */
    measure = $state(0);
    water = $state('');
    waterUnit = $state<Schemas['Amount']['unit']>('L');
    readonly ways = new Latest<Schemas['WayOut']>();

    constructor(
        readonly batch: { key: string; version: number },
        readonly number: number,
        readonly load: Load,
        readonly spoons: Spoon[],
    ) {
        this.item = load.items[0]?.key ?? '';
    }

    get #itemNow(): Load['items'][number] | undefined {
        return this.load.items.find((one) => one.key === this.item);
    }

    /** What it was measured with. */
    get scoops() {
        return this.#itemNow?.measured.scoops ?? [];
    }

    /** The other ingredient may be measured with fewer. */
    get scoopAt(): number {
        return Math.min(this.scoop, Math.max(0, this.scoops.length - 1));
    }

    /** Said before this one. */
    before = $state.raw<{ slip: Slip; words: string }[]>([]);

    /** All that went wrong with the load; null while something is still to be said. */
    get slips(): Slip[] | null {
        const slip = this.slip;
        return slip === null ? null : [...this.before.map((one) => one.slip), slip];
    }

    /** Keeps this one, and makes room for another. */
    another(): void {
        const slip = this.slip;
        if (slip !== null) {
            const what = slip.item !== undefined ? ` (${this.load.items.find((one) => one.key === slip.item)?.name ?? ''})` : '';
            const words = `${KINDS.find((one) => one.value === slip.kind)?.label ?? ''}${what}`;
            this.before = [...this.before, { slip, words }];
            this.said = this.water = '';
        }
    }

    /** Null while something is still to be said. */
    get slip(): Slip | null {
        switch (this.kind) {
            case 'left-out':
                return { kind: 'left-out', item: this.item };
            case 'measure': {
                const measure = this.spoons[this.measure]?.holds;
                return measure === undefined ? null : { kind: 'measure', item: this.item, scoop: this.scoopAt, measure };
            }
            case 'water': {
                const amount = typedNumber(this.water);
                return amount > 0 ? { kind: 'water', water: { amount, unit: this.waterUnit } } : null;
            }
            default: {
                const said = this.said.trim();
                return said === '' ? null : { kind: this.kind, item: this.item, scoop: this.scoopAt, said };
            }
        }
    }

    ask(slips: Slip[] | null): void {
        if (slips === null) {
            this.ways.drop(null);
            return;
        }
        void this.ways.ask(() =>
            taken(
                api.POST('/api/batches/{id}/loads/{load}/way-out', {
                    params: { path: { id: this.batch.key, load: this.number } },
                    body: { slips },
                }),
            ),
        );
    }

    async keep(
        remedy: Schemas['WayOut']['remedies'][number]['kind'],
        basedOn: (version: number) => number = (version) => version,
    ): Promise<Schemas['Batch']> {
        const slips = this.slips;
        if (slips === null) {
            throw new Fault('', say('batch/slip.say-first-what-went-wrong'));
        }
        return taken(
            api.PUT('/api/batches/{id}/loads/{load}/slip', {
                params: { path: { id: this.batch.key, load: this.number } },
                body: { basedOn: basedOn(this.batch.version), slips, remedy },
            }),
        );
    }
}
