import type { Schemas } from '../../lib/client';

const HOUR = 3_600_000;

/** Days from now on that are drawn. */
const DAYS = 7;

/** Px of the board that stands at now. */
const BOARD = 6;

export interface Week {
    days: { x: number; width: number; name: string }[];
    blocks: { x: number; width: number; verdict: Schemas['Window']['verdict'] }[];
}

/** A week from now on, on a drawing so many px wide: its days by the clock of the place, and the hours that are good or workable. */
export function weekOf(hours: Schemas['Window'][], now: string, zone: string, width: number): Week {
    const from = Date.parse(now);
    const until = from + DAYS * 24 * HOUR;
    const x = (at: number): number => BOARD + ((Math.min(until, Math.max(from, at)) - from) / (until - from)) * (width - BOARD);
    const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', hourCycle: 'h23', timeZone: zone });
    const name = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: zone });
    const starts = [from];
    for (let at = Math.ceil((from + 1) / HOUR) * HOUR; at < until; at += HOUR) {
        if (clock.format(at) === '00') {
            starts.push(at);
        }
    }
    return {
        days: starts.map((at, i) => ({ x: x(at), width: x(starts[i + 1] ?? until) - x(at), name: name.format(at) })),
        blocks: hours
            .filter((one) => Date.parse(one.from) < until && Date.parse(one.to) > from)
            .map((one) => {
                const [start, end] = [x(Date.parse(one.from)), x(Date.parse(one.to))];
                return { x: start, width: Math.max(2, end - start), verdict: one.verdict };
            }),
    };
}
