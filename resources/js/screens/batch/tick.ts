import type { Entry, Fresh } from '../../offline/entry';

/** One spoonful or one step ticked, or its tick taken back. */
export interface Tick {
    /** A step without spoons, and not a spoonful. */
    readonly step: boolean;
    /** The scoop that is filled, or the load that the step is of. */
    readonly of: number;
    readonly number: number;
    readonly ticked: boolean;
}

const PATH = /^\/api\/batches\/[^/]+\/(scoops|loads)\/(\d+)\/(?:ticks|steps)\/(\d+)$/;

/** As it waits on this device: the last word on a spoonful counts. */
export function entryOf(batch: string, tick: Tick): Fresh {
    const rest = tick.step ? `loads/${tick.of}/steps/${tick.number}` : `scoops/${tick.of}/ticks/${tick.number}`;
    const path = `/api/batches/${batch}/${rest}`;
    return {
        key: path,
        group: `batches/${batch}`,
        method: 'PUT',
        path,
        body: { ticked: tick.ticked },
        what: say('batch/tick.tick-of-tally'),
    };
}

/** The tick that an entry is; null where it is something else. */
export function tickIn(entry: Entry): Tick | null {
    const [, kind, of, number] = PATH.exec(entry.path) ?? [];
    return kind === undefined
        ? null
        : { step: kind === 'loads', of: Number(of), number: Number(number), ticked: entry.body['ticked'] === true };
}
