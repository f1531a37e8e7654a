import type { Schemas } from '../lib/client';
import { axisOf, ticks, topOf } from './axis';

type Row = Schemas['Row'];

export type Height = 44 | 96 | 280;

/** A count that was typed and is not kept yet. */
export interface Typed {
    caseId: number;
    value: number;
}

/** What stands where on a row so many px wide: the drawing without its strokes. */
export interface Drawn {
    /** Px of now, in the middle of the board. */
    now: number;
    base: number;
    head: number;
    /** Radius of a dot; how much larger than usual a leaf is; how high a block of hours. */
    dot: number;
    leaf: number;
    block: number;
    curves: {
        caseId: number;
        path: string;
        compared: string;
        dots: { x: number; y: number; at: string; value: number }[];
        squares: { x: number; y: number; at: string }[];
    }[];
    stakes: { x: number; at: string; spray: string }[];
    tests: { x: number; at: string; spray: string; clean: boolean | null }[];
    burns: { x: number; at: string }[];
    hours: { x: number; width: number; from: string; verdict: 'good' | 'workable'; because: string }[];
    acts: { x: number; y: number; key: string; kind: string; words: string }[];
    ends: { x: number; at: string; kind: string; words: string }[];
    /** What is expected from now on: the room between low and high, and the middle of it; empty where nothing is seen ahead. */
    ahead: { band: string; middle: string };
    /** The typed count: where it would lie, and the line that leads to it. */
    typed: { y: number; path: string; value: number } | null;
}

const SIZES: Record<Height, { foot: number; head: number; dot: number; leaf: number; block: number }> = {
    44: { foot: 8, head: 7, dot: 3.5, leaf: 0.75, block: 10 },
    96: { foot: 8, head: 12, dot: 5, leaf: 1.1, block: 18 },
    280: { foot: 34, head: 30, dot: 7, leaf: 1.5, block: 26 },
};

/** Hours that are too short to be seen are so many px wide. */
const SLIVER = 2;

export function drawnOf(row: Row, width: number, height: Height, typed: Typed | null, expected: Schemas['ExpectedDay'][] = []): Drawn {
    const { foot, head, dot, leaf, block } = SIZES[height];
    const axis = axisOf(row, width);
    const base = height - foot;
    const nights = ticks(row).days;
    const ahead = expected.slice(0, nights.length);
    // What is expected has room; how far off it may be is cut off where it leaves the drawing.
    const top = Math.max(topOf(row, typed?.value ?? null), ...ahead.map((day) => day.middle));
    const y = (value: number): number => base - 4 - (Math.min(value, top) / top) * (base - 4 - head);
    const line = (points: { x: number; y: number }[]): string =>
        points.map((one, i) => `${i === 0 ? 'M' : 'L'}${one.x.toFixed(1)} ${one.y.toFixed(1)}`).join('');
    const points = (marks: Row['rounds']): { x: number; y: number; at: string; value: number }[] =>
        marks.map((one) => ({ x: axis.x(one.at), y: y(one.value ?? 0), at: one.at, value: one.value ?? 0 }));
    const curves = row.curves.map((curve) => {
        const [dots, squares] = [points(curve.counts), points(curve.compared)];
        return { caseId: curve.caseId, path: line(dots), compared: line(squares), dots, squares };
    });
    /** From now through the end of each day that is on the row. */
    const through = (of: (day: Schemas['ExpectedDay']) => number): { x: number; y: number }[] =>
        ahead.flatMap((day, i) => [
            ...(i === 0 ? [{ x: axis.now, y: y(of(day)) }] : []),
            { x: axis.x(nights[i]?.at ?? row.until), y: y(of(day)) },
        ]);
    const last = typed === null ? undefined : curves.find((one) => one.caseId === typed.caseId)?.dots.at(-1);
    return {
        now: axis.now,
        base,
        head,
        dot,
        leaf,
        block,
        curves,
        stakes: row.rounds.map((one) => ({ x: axis.x(one.at), at: one.at, spray: one.spray })),
        tests: row.tests.map((one) => ({ x: axis.x(one.at), at: one.at, spray: one.spray, clean: one.clean })),
        burns: row.burns.map((one) => ({ x: axis.x(one.at), at: one.at })),
        hours: row.hours.map((one) => ({
            x: axis.x(one.from),
            width: Math.max(SLIVER, axis.x(one.to) - axis.x(one.from)),
            from: one.from,
            verdict: one.verdict,
            because: one.because,
        })),
        // What is further off than the row is told in words.
        acts: row.acts
            .filter((one) => one.at <= row.until)
            .map((one) => ({
                x: one.at <= row.now ? axis.now : axis.x(one.at),
                y: one.at <= row.now ? height / 2 : base - block / 2,
                key: `${one.kind} ${one.ref}`,
                kind: one.kind,
                words: one.words,
            })),
        ends: row.ends.map((one) => ({ x: axis.x(one.at), at: one.at, kind: one.kind, words: one.words })),
        ahead: {
            band: ahead.length === 0 ? '' : `${line([...through((day) => day.high), ...through((day) => day.low).reverse()])}Z`,
            middle: line(through((day) => day.middle)),
        },
        typed:
            typed === null
                ? null
                : {
                      y: y(typed.value),
                      value: typed.value,
                      path: last === undefined ? '' : line([last, { x: axis.now, y: y(typed.value) }]),
                  },
    };
}
