import type { Entry, Fresh } from '../../offline/entry';

/** A step that was tapped, and when: the server may hear of it later. */
export interface Tap {
    readonly step: string;
    readonly done: boolean;
    readonly at: string;
}

const PATH = /^\/api\/runs\/[^/]+\/steps\/([a-z0-9-]+)$/;

/** As it waits on this device. */
export function entryOf(run: string, { step, done }: Omit<Tap, 'at'>): Fresh {
    const path = `/api/runs/${run}/steps/${step}`;
    return { key: path, group: `runs/${run}`, method: 'PUT', path, body: { done }, what: say('run/tap.step-in-bed') };
}

/** The tap that an entry is; null where it is something else. */
export function tapIn(entry: Entry): Tap | null {
    const step = PATH.exec(entry.path)?.[1];
    return step === undefined ? null : { step, done: entry.body['done'] === true, at: entry.at };
}
