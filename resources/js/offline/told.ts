import type { Entry } from './entry';

export interface Alike {
    readonly what: string;
    readonly of: string;
    readonly entries: readonly Entry[];
}

/** Entries of one kind and one thing are one line: twelve ticks are not told twelve times. */
export function alike(entries: readonly Entry[]): readonly Alike[] {
    return byName(entries, (one) => `${one.group} ${one.what}`).map((some) => ({
        what: some[0]?.what ?? '',
        of: some[0]?.of ?? '',
        entries: some,
    }));
}

/** What was entered of one record, as far as it goes together to another. */
export const together = (entries: readonly Entry[]): readonly (readonly Entry[])[] => byName(entries, (one) => one.group);

/** What stands by itself is a line of its own. */
function byName(entries: readonly Entry[], name: (entry: Entry) => string): readonly (readonly Entry[])[] {
    const all = new Map<string, Entry[]>();
    for (const entry of entries) {
        const known = entry.key === null ? String(entry.id) : name(entry);
        all.set(known, [...(all.get(known) ?? []), entry]);
    }
    return [...all.values()];
}
