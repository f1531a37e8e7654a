import type { Schemas } from '../lib/client';

type Row = Schemas['Row'];

/** Where now stands on every row: so much of its width lies before it. */
export const BOARD = 0.58;

/** Px at the ends that are left free, so that nothing is cut off. */
const EDGE = 8;

/** Px of the board on both sides of now. */
export const HALF_BOARD = 4;

export interface Axis {
    /** Px from the left of an instant; what lies outside stands at the end. */
    x: (at: string) => number;
    /** The instant at so many px, in ms since 1970. */
    at: (x: number) => number;
    /** Px of now. */
    now: number;
}

/** Time before now takes the left of the board, time after it the right: each by its own scale, even within itself. */
export function axisOf(row: Pick<Row, 'from' | 'now' | 'until'>, width: number): Axis {
    const [from, now, until] = [row.from, row.now, row.until].map((at) => Date.parse(at)) as [number, number, number];
    const board = Math.round(width * BOARD);
    const past = board - HALF_BOARD - EDGE;
    const ahead = width - EDGE - board - HALF_BOARD;
    return {
        now: board,
        x: (instant) => {
            const at = Math.min(until, Math.max(from, Date.parse(instant)));
            return at <= now
                ? board - HALF_BOARD - ((now - at) / (now - from)) * past
                : board + HALF_BOARD + ((at - now) / (until - now)) * ahead;
        },
        at: (x) =>
            x <= board - HALF_BOARD
                ? now - ((board - HALF_BOARD - x) / past) * (now - from)
                : x < board + HALF_BOARD
                  ? now
                  : now + ((x - board - HALF_BOARD) / ahead) * (until - now),
    };
}

/** The highest count that the curves are drawn to. */
export function topOf(row: Row, typed: number | null): number {
    return Math.max(5, typed ?? 0, ...row.curves.flatMap((curve) => [...curve.counts, ...curve.compared].map((one) => one.value ?? 0)));
}

/** Midnights after now, and weeks before it, with what they are called. */
export function ticks(row: Row): { weeks: string[]; days: { at: string; name: string }[] } {
    const DAY = 86_400_000;
    const now = Date.parse(row.now);
    const weeks: string[] = [];
    for (let at = now - 7 * DAY; at > Date.parse(row.from); at -= 7 * DAY) {
        weeks.push(new Date(at).toISOString());
    }
    const name = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: row.zone });
    const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', hourCycle: 'h23', timeZone: row.zone });
    const days: { at: string; name: string }[] = [];
    for (let hour = Math.ceil(now / 3_600_000) * 3_600_000; hour < Date.parse(row.until); hour += 3_600_000) {
        if (clock.format(hour) === '00') {
            days.push({ at: new Date(hour).toISOString(), name: name.format(hour) });
        }
    }
    return { weeks, days };
}
