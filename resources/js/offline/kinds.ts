import type { Entry, Fresh } from './entry';

type Body = Readonly<Record<string, unknown>>;

interface Kind {
    readonly method: Entry['method'];
    readonly path: RegExp;
    readonly what: (body: Body) => string;
}

function counted(body: Body): string {
    const each = Array.isArray(body['each']) ? body['each'].filter((one): one is number => typeof one === 'number') : null;
    const sum = each === null ? body['value'] : each.reduce((all, one) => all + one, 0);
    return typeof sum === 'number' ? say('offline/kinds.count-of', { sum }) : say('offline/kinds.count');
}

/** What waits on this device where no line is: what hands that are wet enter at the bench and in the bed. */
const KINDS: readonly Kind[] = [
    { method: 'POST', path: /^\/api\/(batches\/[^/]+)\/finish$/, what: () => say('offline/kinds.batch-that-finished') },
    { method: 'POST', path: /^\/api\/(batches\/[^/]+)\/stand-tests$/, what: () => say('offline/kinds.glass-that-was-looked-at') },
    { method: 'POST', path: /^\/api\/(batches\/[^/]+)\/lines$/, what: () => say('offline/kinds.what-happened-to-mix') },
    { method: 'PUT', path: /^\/api\/(runs\/[^/]+)\/finished$/, what: () => say('offline/kinds.walk-through-bed-that-over') },
    { method: 'POST', path: /^\/api\/(cases\/[^/]+)\/counts$/, what: counted },
    { method: 'POST', path: /^\/api\/(cases\/[^/]+)\/rounds$/, what: () => say('offline/kinds.round-that-was-sprayed') },
    { method: 'POST', path: /^\/api\/(leaf-tests\/[^/]+)\/readings$/, what: () => say('offline/kinds.look-at-test-leaves') },
    { method: 'POST', path: /^\/api\/(rounds\/[^/]+)\/burns$/, what: () => say('offline/kinds.leaf-burn-that-was-seen') },
];

/** As it is kept; null where it is nothing that waits. */
export function keepable(method: string, path: string, body: Body): Fresh | null {
    for (const kind of KINDS) {
        const found = method === kind.method ? kind.path.exec(path) : null;
        if (found !== null) {
            return { key: null, group: found[1] ?? '', method: kind.method, path, body, what: kind.what(body) };
        }
    }
    return null;
}

const FINISH = /^\/api\/batches\/[^/]+\/finish$/;

/** What was saved by somebody else meanwhile gives way to what was entered here; null where that is not to be had. */
export function inPlace(entry: Entry): Fresh | null {
    const version = entry.refused?.conflict?.version;
    if (version === undefined || !FINISH.test(entry.path)) {
        return null;
    }
    const { madeAt = entry.at, keeping, standTest, notes } = entry.body;
    return {
        ...entry,
        method: 'PUT',
        path: entry.path.replace(/\/finish$/, ''),
        body: { basedOn: version, madeAt, keeping, standTest, notes },
        what: say('offline/kinds.batch-that-corrected'),
    };
}

/** Where what was entered belongs, in the notebook that there is now. */
export function moved(entry: Entry, group: string, more: Body = {}): Fresh {
    const { key, method, path, body, what } = entry;
    const there = (text: string): string => text.replace(entry.group, group);
    return {
        key: key === null ? null : there(key),
        group,
        method,
        path: there(path),
        body: { ...Object.fromEntries(Object.entries(body).filter(([name]) => name !== 'batchId')), ...more },
        what,
    };
}

/** It is something else than what was saved before: as a record of its own. */
export const asAnother = (entry: Entry, submission: string): Fresh => ({ ...entry, body: { ...entry.body, submission } });
