import type { Schemas } from '../../lib/client';

type Case = Schemas['Case'];

export type Act =
    | { kind: 'spray'; batch: Case['batches'][number]; off: Schemas['Task'] | null }
    | { kind: 'count' }
    | { kind: 'begin' }
    | { kind: 'decide' }
    | { kind: 'mix' }
    | { kind: 'wait'; words: string; at: string }
    | { kind: 'none' };

/** The one thing that comes next for a case: what is mixed for it is sprayed, what is due is done, the rest is waited for. */
export function actOf(one: Pick<Case, 'ready' | 'rounds' | 'batches' | 'counts' | 'next'>, now: Date): Act {
    const batch = one.batches.find((each) => each.id === one.ready);
    if (batch !== undefined) {
        const round = one.next.find((task) => task.kind === 'first-round' || task.kind === 'next-round');
        return { kind: 'spray', batch, off: round !== undefined && round.moves.length > 0 && new Date(round.dueAt) > now ? round : null };
    }
    const due = one.next.filter((task) => task.slot === 'now' || task.slot === 'today' || new Date(task.dueAt) <= now);
    if (due.some((task) => task.kind === 'count-after')) {
        return { kind: 'count' };
    }
    if (due.length > 0) {
        // Without a count before the first round nobody can say whether it worked.
        if (one.rounds.length === 0 && one.counts.length === 0) {
            return { kind: 'begin' };
        }
        return { kind: due.some((task) => task.undecided) ? 'decide' : 'mix' };
    }
    const next = one.next[0];
    if (next === undefined) {
        return { kind: 'none' };
    }
    return {
        kind: 'wait',
        words: next.kind === 'count-after' ? say('cases/act.next-count-again') : say('cases/act.next-round'),
        at: next.dueAt,
    };
}
