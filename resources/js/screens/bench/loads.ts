import type { Schemas } from '../../lib/client';

type Load = Schemas['Plan']['loads'][number];

export interface Distinct {
    load: Load;
    /** Its number, from 1. */
    first: number;
    /** “Load 1”, or “Loads 2 to 4, each”. */
    name: string;
}

const alike = (one: Load, other: Load): boolean => Math.abs(one.finished_mL - other.finished_mL) < 1e-6 * other.finished_mL;

/** Loads that are alike are told once. */
export function distinct(loads: Load[]): Distinct[] {
    const starts = loads.flatMap((load, i) => {
        const before = loads[i - 1];
        return before !== undefined && alike(before, load) ? [] : [{ load, first: i + 1 }];
    });
    return starts.map(({ load, first }, i) => {
        const last = (starts[i + 1]?.first ?? loads.length + 1) - 1;
        return {
            load,
            first,
            name: first === last ? say('bench/loads.load', { first }) : say('bench/loads.loads-to-each', { first, last }),
        };
    });
}
