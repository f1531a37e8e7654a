import { writes } from './writes';

/** As the server writes days and hours, too, so that one screen has one way. */
const written = (options: Intl.DateTimeFormatOptions): ((at: Date) => string) => {
    const format = new Intl.DateTimeFormat(writes.locale, options);
    return (at) => format.format(at).replace(/\s([AP]M)$/i, (_, half: string) => ` ${half.toLowerCase()}`);
};
const timeOnly = written(writes.hours);
const dayAndTime = written({ weekday: 'short', day: 'numeric', month: 'short', ...writes.hours });
const dayOnly = written({ day: 'numeric', month: 'short', year: 'numeric' });
const shortDay = written({ day: 'numeric', month: 'short' });

export function atTime(instant: string): string {
    return dayAndTime(new Date(instant));
}

/** The hour alone where it is the same day, else with its day. */
export function untilTime(instant: string, from: Date): string {
    const at = new Date(instant);
    return at.toDateString() === from.toDateString() ? timeOnly(at) : dayAndTime(at);
}

/** “20:00”, by the clock of a place. */
export const clockOf = (instant: string, place: string): string => written({ ...writes.hours, timeZone: place })(new Date(instant));

/** “Tue 1 Dec”, by the clock of a place. */
export const weekdayOf = (instant: string, place: string): string =>
    written({ weekday: 'short', day: 'numeric', month: 'short', timeZone: place })(new Date(instant));

const INSTANT = /^\d{4}-\d\d-\d\dT[\d:.]+Z$/;

export const isInstant = (text: string): boolean => INSTANT.test(text);

/** What is told of a record: instants as the clock of this device says them, the rest as it is. */
export const told = (text: string): string => (isInstant(text) ? atTime(text) : text);

export function onDay(instant: string): string {
    return dayOnly(new Date(instant));
}

export function onShortDay(instant: string | Date): string {
    return shortDay(new Date(instant));
}

export function zone(): string {
    return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** "in 5 hours", "3 days ago". */
export function fromNow(instant: string, now: Date): string {
    const words = new Intl.RelativeTimeFormat('en', { numeric: 'auto' });
    const minutes = (new Date(instant).getTime() - now.getTime()) / 60_000;
    if (Math.abs(minutes) < 90) {
        return words.format(Math.round(minutes), 'minute');
    }
    return Math.abs(minutes) < 36 * 60
        ? words.format(Math.round(minutes / 60), 'hour')
        : words.format(Math.round(minutes / 60 / 24), 'day');
}

const weekday = written({ weekday: 'long' });
const MORNING = 4;
const NOON = 11;
const LATE = 17;
const LATELY = 7;

/** "in 5 hours", "due since last night": nobody counts back thirty-one hours. */
export function dueFrom(instant: string, now: Date): string {
    const due = new Date(instant);
    if (due.getTime() > now.getTime() - 90 * 60_000) {
        return due > now ? fromNow(instant, now) : say('lib/time.due-now');
    }
    const midnight = (at: Date): number => new Date(at.getFullYear(), at.getMonth(), at.getDate()).getTime();
    const days = Math.round((midnight(now) - midnight(due)) / (24 * HOUR));
    const hour = due.getHours();
    if ((days === 0 && hour < MORNING) || (days === 1 && hour >= LATE)) {
        return say('lib/time.due-since-last-night');
    }
    if (days === 0) {
        return hour < NOON
            ? say('lib/time.due-since-this-morning')
            : hour < LATE
              ? say('lib/time.due-since-midday')
              : say('lib/time.due-since-this-evening');
    }
    return days === 1
        ? say('lib/time.due-since-yesterday')
        : say('lib/time.due-since', { day: days < LATELY ? weekday(due) : shortDay(due) });
}

/** The local time as a field of the kind `datetime-local` takes it. */
export function forField(at: Date): string {
    const pad = (n: number): string => String(n).padStart(2, '0');
    return `${at.getFullYear()}-${pad(at.getMonth() + 1)}-${pad(at.getDate())}T${pad(at.getHours())}:${pad(at.getMinutes())}`;
}

/** What such a field says, as an instant. */
export function fromField(text: string): string {
    return new Date(text).toISOString();
}

/** An instant, as such a field takes it. */
export function toField(instant: string): string {
    return forField(new Date(instant));
}

const HOUR = 3_600_000;
const EVENING = 19;

export function hoursAgo(hours: number): Date {
    return new Date(Date.now() - hours * HOUR);
}

/** Seven in the evening, so many days ago, by the clock of this device. */
export function eveningBefore(days: number): Date {
    const at = new Date();
    at.setDate(at.getDate() - days);
    at.setHours(EVENING, 0, 0, 0);
    return at;
}

/** Milliseconds since 1970, as an instant. */
export const instantAt = (ms: number): string => new Date(ms).toISOString();
