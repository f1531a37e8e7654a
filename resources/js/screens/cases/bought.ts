import type { Schemas } from '../../lib/client';

type Bought = NonNullable<Schemas['Case']['rounds'][number]['bought']>;

/** As it is being entered: what it holds is empty where nobody said. */
export interface BoughtValues {
    boughtKind: string;
    boughtName: string;
    boughtHolds: string;
}

const KINDS: readonly Bought['kind'][] = ['spray', 'dust', 'insects'];
const HOLDS: readonly NonNullable<Bought['holds']>[] = ['oil', 'sulfur', 'copper'];

export function boughtValues(bought: Bought | null | undefined): BoughtValues {
    return { boughtKind: bought?.kind ?? 'spray', boughtName: bought?.name ?? '', boughtHolds: bought?.holds ?? '' };
}

/** As it is sent. */
export function boughtBody(values: BoughtValues): Pick<Bought, 'kind' | 'name' | 'holds'> {
    const kind = KINDS.find((one) => one === values.boughtKind) ?? 'spray';
    return {
        kind,
        name: values.boughtName.trim(),
        holds: kind === 'insects' ? null : (HOLDS.find((one) => one === values.boughtHolds) ?? null),
    };
}

/** Names of what was bought for a case before, each once, the latest first. */
export function boughtNames(rounds: Schemas['Case']['rounds']): string[] {
    return [...new Set(rounds.flatMap((round) => (round.bought === null ? [] : [round.bought.name])).reverse())];
}
