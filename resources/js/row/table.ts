import type { Schemas } from '../lib/client';
import { short } from '../lib/figures';

type Row = Schemas['Row'];

/** One line of what is drawn, in words. */
export interface Told {
    at: string;
    what: string;
}

/** All that a row shows, in the order of time. */
export function toldOf(row: Row): Told[] {
    const all: Told[] = [
        ...row.curves.flatMap((curve) => [
            ...curve.counts.map((one) => ({
                at: one.at,
                what: say('row/table.counted', { value: short(one.value ?? 0), counted: curve.counted }),
            })),
            ...curve.compared.map((one) => ({
                at: one.at,
                what: say('row/table.compared', { value: short(one.value ?? 0), counted: curve.counted }),
            })),
        ]),
        ...row.rounds.map((one) => ({ at: one.at, what: say('row/table.sprayed', { spray: one.spray }) })),
        ...row.tests.map((one) => ({
            at: one.at,
            what:
                one.clean === null
                    ? say('row/table.test-open', { spray: one.spray })
                    : one.clean
                      ? say('row/table.test-clean', { spray: one.spray })
                      : say('row/table.test-marked', { spray: one.spray }),
        })),
        ...row.burns.map((one) => ({ at: one.at, what: say('row/table.burnt', { spray: one.spray, share: short(one.value ?? 0) }) })),
        ...row.hours.map((one) => ({ at: one.from, what: one.because })),
        ...row.acts.map((one) => ({ at: one.at, what: one.words })),
        ...row.ends.map((one) => ({ at: one.at, what: one.words })),
    ];
    return all.toSorted((a, b) => a.at.localeCompare(b.at));
}
