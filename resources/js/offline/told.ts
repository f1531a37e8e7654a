import type { Entry } from './entry';

export interface Alike {
    readonly what: string;
    readonly entries: readonly Entry[];
}

/** Entries of one kind and one thing are one line: twelve ticks are not told twelve times. */
export function alike(entries: readonly Entry[]): readonly Alike[] {
    const all = new Map<string, Entry[]>();
    for (const entry of entries) {
        const name = entry.key === null ? String(entry.id) : `${entry.group} ${entry.what}`;
        all.set(name, [...(all.get(name) ?? []), entry]);
    }
    return [...all.values()].map((some) => ({ what: some[0]?.what ?? '', entries: some }));
}
