import { expect, it } from 'vitest';
import type { Schemas } from '../../lib/client';
import { actOf } from './act';

const NOW = new Date('2026-06-10T12:00:00Z');
const task = (kind: string, dueAt: string, slot: string, moves: string[] = []): Schemas['Task'] =>
    ({ kind, dueAt, slot, ref: 4, moves, undecided: kind === 'first-round' }) as unknown as Schemas['Task'];
const batch = (id: number): Schemas['Case']['batches'][number] => ({ id }) as unknown as Schemas['Case']['batches'][number];
const sprayed = (sprayedAt: string): Schemas['Case']['rounds'][number] => ({ sprayedAt }) as Schemas['Case']['rounds'][number];

it('sprays what waits for it, before anything that is due, and no other batch', () => {
    const rounds = [sprayed('2026-06-08T18:00:00Z')];
    const due = task('next-round', '2026-06-09T18:00:00Z', 'now');
    const [other, fresh] = [batch(1), batch(3)];
    expect(actOf({ ready: 3, rounds, batches: [other, fresh], counts: [], next: [due] }, NOW)).toEqual({
        kind: 'spray',
        batch: fresh,
        off: null,
    });
    expect(actOf({ ready: null, rounds, batches: [other, fresh], counts: [], next: [due] }, NOW).kind).toBe('mix');
    expect(actOf({ ready: null, rounds, batches: [other], counts: [], next: [] }, NOW)).toEqual({ kind: 'none' });
});

it('says of what is mixed when its hour is, where that was put off', () => {
    const off = (next: Schemas['Task']): unknown => {
        const act = actOf(
            {
                ready: 3,
                rounds: [],
                batches: [batch(3)],
                counts: [],
                next: [task('count-after', '2026-06-12T05:00:00Z', 'week', ['x']), next],
            },
            NOW,
        );
        return act.kind === 'spray' ? act.off : act.kind;
    };
    const hot = task('first-round', '2026-06-12T05:00:00Z', 'week', ['Later: too hot.']);
    expect(off(hot)).toBe(hot);
    // As planned, and what was put off until now: nothing is said.
    expect(off(task('first-round', '2026-06-10T18:00:00Z', 'today'))).toBeNull();
    expect(off(task('next-round', '2026-06-10T12:00:00Z', 'today', ['Later: too hot.']))).toBeNull();
    expect(off(task('next-round', '2026-06-10T12:00:01Z', 'today', ['Later: too hot.']))).not.toBeNull();
});

it('counts before it sprays again, and waits for what is not due', () => {
    const rounds = [sprayed('2026-06-01T18:00:00Z')];
    const count = task('count-after', '2026-06-09T18:00:00Z', 'now');
    const round = task('next-round', '2026-06-10T18:00:00Z', 'today');
    expect(actOf({ ready: null, rounds, batches: [], counts: [], next: [round, count] }, NOW).kind).toBe('count');
    expect(actOf({ ready: null, rounds, batches: [], counts: [], next: [round] }, NOW).kind).toBe('mix');
    const later = task('count-after', '2026-06-14T18:00:00Z', 'week');
    expect(actOf({ ready: null, rounds, batches: [], counts: [], next: [later] }, NOW)).toEqual({
        kind: 'wait',
        words: 'Next: count again',
        at: '2026-06-14T18:00:00Z',
    });
});

it('counts before the first round, and decides once something is counted', () => {
    const first = task('first-round', '2026-06-10T08:00:00Z', 'now');
    const counted = { value: 40 } as unknown as Schemas['Case']['counts'][number];
    expect(actOf({ ready: null, rounds: [], batches: [], counts: [], next: [first] }, NOW).kind).toBe('begin');
    expect(actOf({ ready: null, rounds: [], batches: [], counts: [counted], next: [first] }, NOW).kind).toBe('decide');
});
