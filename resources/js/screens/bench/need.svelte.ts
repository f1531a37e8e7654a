import { api, taken, type Schemas } from '../../lib/client';
import { Latest } from '../../lib/latest.svelte';
import { typedNumber } from '../../lib/figures';

export type NeedKind = 'plants' | 'last' | 'trial' | 'bed' | 'pots';

export const NEED_KINDS: { value: NeedKind; label: string }[] = [
    { value: 'plants', label: say('bench/need.by-plants') },
    { value: 'last', label: say('bench/need.by-what-last-time-took') },
    { value: 'trial', label: say('bench/need.by-trial-with-plain-water') },
    { value: 'bed', label: say('bench/need.drench-for-bed') },
    { value: 'pots', label: say('bench/need.drench-for-pots') },
];

/** How much to make, as it is being said. */
export class NeedState {
    kind = $state<NeedKind>('plants');
    size = $state('pot');
    count = $state('6');
    used = $state('');
    usedUnit = $state<Schemas['Amount']['unit']>('mL');
    plants = $state('1');
    length = $state('');
    width = $state('');
    depth = $state('12');
    holds = $state('5');
    holdsUnit = $state<Schemas['Amount']['unit']>('L');
    measuredIn = $state<'m' | 'ft'>('m');
    dryness = $state('dryish');
    readonly answer = new Latest<Schemas['Need']>();

    constructor(unit: Schemas['Amount']['unit']) {
        this.usedUnit = unit;
        // Who fills in gallons measures beds in feet.
        if (/_us\]|_br\]/.test(unit)) {
            this.holdsUnit = unit;
            this.holds = '1';
            this.measuredIn = 'ft';
            this.depth = '5';
        }
    }

    /** As much as one plant took last time. */
    byLast(litres: string): void {
        this.kind = 'last';
        this.used = litres;
        this.usedUnit = 'L';
        this.plants = '1';
        this.count = '1';
    }

    /** Null while something is still to be said. */
    body(unit: Schemas['Amount']['unit'], sprayer: Schemas['Sprayer'] | undefined): Schemas['Needing'] | null {
        const rows = this.#rows();
        const numbers = Object.values(rows ?? {}).flatMap((row) => [row].flat().flatMap((one) => Object.values(one ?? {}) as unknown[]));
        if (rows === null || numbers.some((value) => Number.isNaN(value))) {
            return null;
        }
        const left = sprayer?.leftBehindMl ?? 0;
        return {
            ...rows,
            unit,
            ...(left > 0 ? { leftBehind: { amount: left, unit: 'mL' as const } } : {}),
            ...(sprayer === undefined ? {} : { sprayer: sprayer.fill }),
        };
    }

    ask(body: Schemas['Needing'] | null): void {
        if (body === null) {
            this.answer.drop(null);
            return;
        }
        void this.answer.ask(() => taken(api.POST('/api/need', { body })));
    }

    #rows(): Pick<Schemas['Needing'], 'plants' | 'last' | 'trial' | 'beds' | 'pots'> | null {
        const count = typedNumber(this.count);
        const used = typedNumber(this.used);
        switch (this.kind) {
            case 'plants':
                return { plants: [{ size: this.size, count }] };
            case 'bed':
                return {
                    beds: [
                        {
                            length: typedNumber(this.length),
                            width: typedNumber(this.width),
                            depth: typedNumber(this.depth),
                            measuredIn: this.measuredIn,
                            dryness: this.dryness,
                        },
                    ],
                };
            case 'pots':
                return { pots: [{ holds: { amount: typedNumber(this.holds), unit: this.holdsUnit }, count, dryness: this.dryness }] };
            default:
                return used > 0
                    ? { [this.kind]: { used: { amount: used, unit: this.usedUnit }, plants: typedNumber(this.plants), now: count } }
                    : null;
        }
    }
}
