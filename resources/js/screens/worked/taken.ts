/** What is asked about first, and what it is called; the rest is told by its number. */
const CALLED: Readonly<Record<string, string>> = {
    plants: 'plants',
    batches: 'batches',
    leafTests: say('worked/taken.leaf-tests'),
    cases: 'cases',
    rounds: 'rounds',
    counts: 'counts',
    trials: 'trials',
    recipes: 'recipes',
    sprayers: 'sprayers',
    measures: say('worked/taken.spoons-and-cups'),
};

/** What was new of a log, in a sentence. */
export function takenIn(taken: Readonly<Record<string, number>>): string {
    const named = Object.entries(CALLED).flatMap(([kind, words]) => ((taken[kind] ?? 0) > 0 ? [`${taken[kind]} ${words}`] : []));
    const others = Object.entries(taken).reduce((all, [kind, many]) => all + (kind in CALLED ? 0 : many), 0);
    const all =
        others > 0 ? [...named, others === 1 ? say('worked/taken.one-other-entry') : say('worked/taken.other-entries', { others })] : named;
    return all.length === 0 ? say('worked/taken.everything-in-here-already') : say('worked/taken.taken-in', { join: all.join(', ') });
}
