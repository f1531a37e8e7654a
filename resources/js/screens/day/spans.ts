import type { Schemas } from '../../lib/client';
import { clockOf as clock, weekdayOf as dayOf } from '../../lib/time';

type Hour = Schemas['Hour'];

/** Hours in a row that are what they are for the same reasons. */
export interface Span {
    from: string;
    to: string;
    verdict: Hour['verdict'];
    reasons: string[];
    hours: Hour[];
}

/** The hours of one day by the clock of the place. */
export interface Day {
    name: string;
    /** Without its month. */
    short: string;
    hours: (Hour | null)[];
    spans: Span[];
}

const HOUR = 3_600_000;
export const HOURS_A_DAY = 24;

export const later = (instant: string, hours: number): string => new Date(new Date(instant).getTime() + hours * HOUR).toISOString();

export { clockOf as clock } from '../../lib/time';

export { weekdayOf as dayOf } from '../../lib/time';

const shortDay = (instant: string, zone: string): string =>
    instant === '' ? '' : new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', timeZone: zone }).format(new Date(instant));

/** “Sat 21 Jun, 20:00 to 22:00”; over more than a day, “any time from Sat 21 Jun, 18:00 to Mon 23 Jun, 18:00”. */
export function stretch(one: { from: string; to: string }, zone: string): string {
    const long = new Date(one.to).getTime() - new Date(one.from).getTime() >= HOURS_A_DAY * HOUR;
    const end = `${dayOf(one.to, zone)}, ${clock(one.to, zone)}`;
    const from = `${dayOf(one.from, zone)}, ${clock(one.from, zone)}`;
    if (long) {
        return say('day/spans.any-time-from-to', { from, end });
    }
    return dayOf(one.from, zone) === dayOf(one.to, zone)
        ? say('day/spans.to', { from, to: clock(one.to, zone) })
        : say('day/spans.to-2', { from, end });
}

/** “Sat 21 Jun, 20:00 to 22:24, then dark”, where the light goes before the hours end. */
export const untilDark = (one: Schemas['Window'], zone: string): string =>
    one.darkFrom === null
        ? stretch(one, zone)
        : say('day/spans.then-dark', { stretch: stretch({ from: one.from, to: one.darkFrom }, zone) });

/** What a sentence begins with, without figures: two hours with the same causes are one stretch. */
const cause = (reason: string): string => reason.replace(/[\d.]+/g, '#');

export function spans(hours: Hour[]): Span[] {
    const all: Span[] = [];
    for (const hour of hours) {
        const last = all.at(-1);
        const same =
            last !== undefined &&
            last.verdict === hour.verdict &&
            last.to === later(hour.at, 0) &&
            last.reasons.map(cause).join() === hour.reasons.map(cause).join();
        if (same) {
            last.to = later(hour.at, 1);
            last.hours.push(hour);
        } else {
            all.push({ from: later(hour.at, 0), to: later(hour.at, 1), verdict: hour.verdict, reasons: hour.reasons, hours: [hour] });
        }
    }
    return all;
}

/** Day by day; an hour that the clock leaves out is empty, one that it has twice stands once. */
export function days(hours: Hour[], zone: string): Day[] {
    const by = new Map<string, Hour[]>();
    for (const hour of hours) {
        const day = dayOf(hour.at, zone);
        by.set(day, [...(by.get(day) ?? []), hour]);
    }
    return [...by.entries()].map(([name, of]) => {
        const row: (Hour | null)[] = Array.from({ length: HOURS_A_DAY }, () => null);
        for (const hour of of) {
            row[Number(clock(hour.at, zone).slice(0, 2))] = hour;
        }
        return { name, short: shortDay(of[0]?.at ?? '', zone), hours: row, spans: spans(of) };
    });
}

const TOLD: Record<Hour['verdict'], string> = { good: 'good', workable: 'workable', no: 'no' };

/** The day in a sentence, for whoever does not see the bars. */
export function inWords(day: Day, zone: string): string {
    const useful = day.spans.filter((one) => one.verdict !== 'no');
    const stretches = useful.map((one) =>
        say('day/spans.to-3', { TOLD: TOLD[one.verdict], from: clock(one.from, zone), to: clock(one.to, zone) }),
    );
    return `${day.name}: ${stretches.length === 0 ? say('day/spans.no-hour') : stretches.join(', ')}`;
}

/** The soonest of the best windows of all plants; what may be done at any time is nothing to wait for. */
export function soonest(plants: Schemas['SprayDayPlant'][]): { plant: string; window: Schemas['Window'] } | null {
    const firsts = plants.flatMap((one) => one.windows.slice(0, 1).map((window) => ({ plant: one.name, window })));
    const some = firsts.filter((one) => Date.parse(one.window.to) - Date.parse(one.window.from) < HOURS_A_DAY * HOUR);
    const key = ({ window }: { window: Schemas['Window'] }): string => `${window.verdict === 'good' ? 0 : 1} ${window.from}`;
    return (some.length > 0 ? some : firsts).toSorted((a, b) => key(a).localeCompare(key(b)))[0] ?? null;
}
