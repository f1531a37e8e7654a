import type { Entry, Fresh } from './entry';

type Body = Readonly<Record<string, unknown>>;

interface Kind {
    readonly method: Entry['method'];
    readonly path: RegExp;
    readonly what: (body: Body) => string;
    /** Where the body tells when it was, so that it is when it was entered and not when it is sent. */
    readonly when: string | null;
}

function counted(body: Body): string {
    const each = Array.isArray(body['each']) ? body['each'].filter((one): one is number => typeof one === 'number') : null;
    const sum = each === null ? body['value'] : each.reduce((all, one) => all + one, 0);
    return typeof sum === 'number' ? say('offline/kinds.count-of', { sum }) : 'A count';
}

/** What waits on this device where no line is: what hands that are wet enter at the bench and in the bed. */
const KINDS: readonly Kind[] = [
    { method: 'POST', path: /^\/api\/(batches\/\d+)\/finish$/, what: () => say('offline/kinds.batch-that-finished'), when: 'madeAt' },
    { method: 'POST', path: /^\/api\/(batches\/\d+)\/stand-tests$/, what: () => say('offline/kinds.glass-that-was-looked-at'), when: null },
    { method: 'PUT', path: /^\/api\/(runs\/\d+)\/finished$/, what: () => say('offline/kinds.walk-through-bed-that-over'), when: null },
    { method: 'POST', path: /^\/api\/(cases\/\d+)\/counts$/, what: counted, when: 'countedAt' },
    { method: 'POST', path: /^\/api\/(cases\/\d+)\/rounds$/, what: () => say('offline/kinds.round-that-was-sprayed'), when: 'sprayedAt' },
    { method: 'POST', path: /^\/api\/(leaf-tests\/\d+)\/readings$/, what: () => say('offline/kinds.look-at-test-leaves'), when: 'readAt' },
    { method: 'POST', path: /^\/api\/(rounds\/\d+)\/burns$/, what: () => say('offline/kinds.leaf-burn-that-was-seen'), when: 'seenAt' },
];

/** As it is kept; null where it is nothing that waits. */
export function keepable(method: string, path: string, body: Body, now: string): Fresh | null {
    for (const kind of KINDS) {
        const found = method === kind.method ? kind.path.exec(path) : null;
        if (found !== null) {
            const dated = kind.when === null || kind.when in body ? body : { ...body, [kind.when]: now };
            return { key: null, group: found[1] ?? '', method: kind.method, path, body: dated, what: kind.what(body) };
        }
    }
    return null;
}

const FINISH = /^\/api\/batches\/\d+\/finish$/;

/** What was saved by somebody else meanwhile gives way to what was entered here; null where that is not to be had. */
export function inPlace(entry: Entry): Fresh | null {
    const version = entry.refused?.conflict?.version;
    if (version === undefined || !FINISH.test(entry.path)) {
        return null;
    }
    const { madeAt, keeping, standTest, notes } = entry.body;
    return {
        ...entry,
        method: 'PUT',
        path: entry.path.replace(/\/finish$/, ''),
        body: { basedOn: version, madeAt, keeping, standTest, notes },
        what: say('offline/kinds.batch-that-corrected'),
    };
}

/** It is something else than what was saved before: as a record of its own. */
export const asAnother = (entry: Entry, submission: string): Fresh => ({ ...entry, body: { ...entry.body, submission } });
