import { expect, it } from 'vitest';
import type { Schemas } from '../lib/client';
import { axisOf, BOARD, HALF_BOARD } from './axis';
import { drawnOf, type Height } from './drawn';
import { toldOf } from './table';

type Row = Schemas['Row'];

const DAY = 86_400_000;

/** A source of chance that says the same each time (mulberry32, from memory). */
function chance(seed: number): () => number {
    let state = seed;
    return () => {
        state = (state + 0x6d2b79f5) | 0;
        let t = Math.imul(state ^ (state >>> 15), 1 | state);
        t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
        return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
    };
}

const iso = (ms: number): string => `${new Date(ms).toISOString().slice(0, 19)}Z`;

/** A plant as it may be: counts, rounds, tests, burns, hours, acts and ends anywhere in its time. */
function made(seed: number): Row {
    const random = chance(seed);
    const now = Date.parse('2026-06-20T09:30:00Z') + Math.floor(random() * 200 * DAY);
    const [from, until] = [now - (7 + Math.floor(random() * 120)) * DAY, now + (7 + Math.floor(random() * 53)) * DAY];
    const past = (): string => iso(from + random() * (now - from));
    const ahead = (): number => now + random() * (until - now);
    const some = <T>(most: number, one: () => T): T[] => Array.from({ length: Math.floor(random() * (most + 1)) }, one);
    const marks = (most: number, value: () => number | null = () => null): Row['rounds'] =>
        some(most, () => ({ at: past(), value: value(), spray: 'Neem', clean: random() < 0.3 ? null : random() < 0.5 })).toSorted((a, b) =>
            a.at.localeCompare(b.at),
        );
    return {
        plantId: seed,
        name: 'Rose',
        place: '',
        leaf: 'clean',
        zone: 'Europe/Vienna',
        from: iso(from),
        now: iso(now),
        until: iso(until),
        curves: some(2, () => ({
            caseId: seed,
            trouble: 'Aphids',
            counted: 'on ten tips',
            counts: marks(8, () => Math.floor(random() * 400)),
            compared: marks(3, () => 9),
        })).map((curve, i) => ({ ...curve, caseId: i })),
        rounds: marks(9),
        tests: marks(3),
        burns: marks(2, () => 20),
        hours: some(7, ahead).map((at) => ({
            from: iso(at),
            to: iso(Math.min(until, at + (1 + random() * 10) * 3_600_000)),
            verdict: random() < 0.5 ? ('good' as const) : ('workable' as const),
            darkFrom: null,
            because: 'calm',
        })),
        acts: some(4, () => iso(now - 3 * DAY + random() * 70 * DAY)).map((at, i) => ({
            at,
            kind: 'count-after' as const,
            ref: i,
            words: 'Count',
        })),
        ends: some(2, () => iso(ahead())).map((at) => ({ at, kind: 'bloom' as const, words: 'In bloom' })),
        said: '',
        brief: '',
    };
}

const HEIGHTS: Height[] = [44, 96, 280];

it('puts every stake, dot, leaf, block and act at its time, read back from the drawing', () => {
    for (let seed = 1; seed <= 500; ++seed) {
        const row = made(seed);
        const width = 240 + ((seed * 37) % 1200);
        const height = HEIGHTS[seed % 3] ?? 44;
        const axis = axisOf(row, width);
        const drawn = drawnOf(row, width, height, null);
        // A px of the drawing is so much time on its side.
        const near = (x: number, at: string): void => {
            const side =
                Date.parse(at) <= Date.parse(row.now)
                    ? Date.parse(row.now) - Date.parse(row.from)
                    : Date.parse(row.until) - Date.parse(row.now);
            expect(Math.abs(axis.at(x) - Date.parse(at)), `seed ${seed}, ${at}`).toBeLessThan((side / width) * 1.5 + 1000);
            expect(x).toBeGreaterThanOrEqual(0);
            expect(x).toBeLessThanOrEqual(width);
            // Nothing that is over stands right of the board, and nothing to come left of it.
            expect(
                Date.parse(at) <= Date.parse(row.now) ? x <= drawn.now - HALF_BOARD : x >= drawn.now + HALF_BOARD,
                `seed ${seed}, ${at}`,
            ).toBe(true);
        };
        expect(drawn.stakes).toHaveLength(row.rounds.length);
        [
            ...drawn.stakes,
            ...drawn.tests,
            ...drawn.burns,
            ...drawn.ends,
            ...drawn.curves.flatMap((one) => [...one.dots, ...one.squares]),
        ].forEach((one) => near(one.x, one.at));
        drawn.hours.forEach((one, i) => {
            near(one.x, one.from);
            if (one.width > 2) {
                near(one.x + one.width, row.hours[i]?.to ?? '');
            }
        });
        expect(drawn.acts).toHaveLength(row.acts.filter((one) => one.at <= row.until).length);
        row.acts
            .filter((one) => one.at <= row.until)
            .forEach((one, i) => {
                const at = drawn.acts[i];
                // What is due stands on the board.
                expect(one.at <= row.now ? at?.x === drawn.now : near(at?.x ?? 0, one.at) === undefined).toBe(true);
            });
        // Of two counts the higher lies higher.
        const dots = drawn.curves.flatMap((one) => one.dots);
        dots.forEach((a) => dots.forEach((b) => expect(a.value > b.value ? a.y < b.y : true).toBe(true)));
        expect(dots.every((one) => one.y >= drawn.head - 0.001 && one.y <= drawn.base)).toBe(true);
        // Its table has all of it.
        const marks = row.curves.reduce((sum, one) => sum + one.counts.length + one.compared.length, 0);
        expect(toldOf(row)).toHaveLength(
            marks + row.rounds.length + row.tests.length + row.burns.length + row.hours.length + row.acts.length + row.ends.length,
        );
    }
});

it('has its board at the same place on rows of any time, and draws what is typed on it', () => {
    const [one, other] = [drawnOf(made(1), 640, 96, null), drawnOf(made(2), 640, 96, null)];
    expect([one.now, other.now]).toEqual([Math.round(640 * BOARD), Math.round(640 * BOARD)]);
    const row = {
        ...made(3),
        curves: [{ caseId: 7, trouble: '', counted: '', compared: [], counts: [{ at: made(3).from, value: 40, spray: '', clean: null }] }],
    };
    const typed = drawnOf(row, 640, 96, { caseId: 7, value: 80 }).typed;
    // Twice as many is the new top, and the line comes from half its height.
    expect(typed?.y).toBe(12);
    expect(typed?.path).toBe(`M8.0 48.0L${Math.round(640 * BOARD)}.0 12.0`);
    expect(drawnOf(row, 640, 96, { caseId: 8, value: 1 }).typed?.path).toBe('');
});

it('goes on past now as a band, through the end of each day that is on it, and within the drawing', () => {
    for (let seed = 1; seed <= 100; ++seed) {
        const row = made(seed);
        const expected = Array.from({ length: 43 }, (_, i) => ({ on: '', low: i, middle: 2 * i, high: 400 * i }));
        const { ahead, now, base, head } = drawnOf(row, 600, 280, null, expected);
        const points = [...ahead.band.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));
        const side = points.length / 2;
        expect(points[0]?.x).toBeCloseTo(now, 1);
        expect(points.at(-1)?.x).toBeCloseTo(now, 1);
        // Out on the high side, back on the low one: never to the left of now, high above low.
        for (let i = 0; i < side; ++i) {
            const [high, low] = [points[i], points[points.length - 1 - i]];
            expect(high?.x).toBeGreaterThanOrEqual(now - 0.1);
            expect(high?.x).toBe(low?.x);
            expect(high?.y ?? 0).toBeLessThanOrEqual((low?.y ?? 0) + 1e-9);
            expect(high?.y).toBeGreaterThanOrEqual(head - 4.1);
            expect(low?.y).toBeLessThanOrEqual(base);
        }
        expect(ahead.middle.match(/[ML]/g)?.length).toBe(side);
    }
    expect(drawnOf(made(1), 600, 280, null).ahead).toEqual({ band: '', middle: '' });
});
