import type { Schemas } from '../../lib/client';

type Day = Schemas['ExpectedDay'];

/** The drawing's own measure; it is stretched to the room that there is. */
export const WIDE = 600;
export const HIGH = 240;

/** How each way to go on is drawn: told apart without colour, too. */
export const WAYS: Record<Schemas['Outlook']['kind'], { stroke: string; dash: string | undefined }> = {
    alone: { stroke: 'stroke-base-content', dash: '2 5' },
    planned: { stroke: 'stroke-primary', dash: undefined },
    fewest: { stroke: 'stroke-secondary', dash: '10 5' },
};

/** Counts are told apart while they are few, and still fit when they are many. */
const upTo = (count: number): number => Math.log1p(Math.max(0, count));

/** The highest that is drawn: what is left alone may leave the drawing, what is done about it may not. */
export function top(outlooks: Schemas['Outlook'][]): number {
    const done = outlooks.filter((one) => one.kind !== 'alone').flatMap((one) => one.days.map((day) => day.high));
    const alone = outlooks.flatMap((one) => one.days.slice(0, 14).map((day) => day.middle));
    return Math.max(10, ...done, ...alone);
}

const place = (days: Day[], most: number) => ({
    x: (i: number): number => (days.length < 2 ? 0 : (WIDE * i) / (days.length - 1)),
    y: (count: number): number => HIGH - (HIGH * Math.min(upTo(count), upTo(most))) / upTo(most),
});

const at = (x: number, y: number): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** A line through what is expected in the middle. */
export function line(days: Day[], most: number): string {
    const { x, y } = place(days, most);
    return days.map((day, i) => `${i === 0 ? 'M' : 'L'}${at(x(i), y(day.middle))}`).join('');
}

/** The room between low and high. */
export function band(days: Day[], most: number): string {
    const { x, y } = place(days, most);
    const there = days.map((day, i) => at(x(i), y(day.high)));
    const back = days.map((day, i) => at(x(i), y(day.low))).reverse();
    return `M${[...there, ...back].join('L')}Z`;
}

/** Where on the drawing a day lies, from left to right; null where it is not on it. */
export function across(days: Day[], on: string): number | null {
    const i = days.findIndex((day) => day.on === on);
    return i < 0 ? null : place(days, 1).x(i);
}

/** Counts beside which a line is drawn: those that fit, from a few. */
export function marks(most: number): { count: number; y: number }[] {
    return [1, 10, 100, 1000, 10_000].filter((count) => count <= most).map((count) => ({ count, y: place([], most).y(count) }));
}

/** The day that lies nearest to a place on the drawing. */
export function dayAt(days: Day[], x: number): string {
    return days[Math.max(0, Math.min(days.length - 1, Math.round((x / WIDE) * (days.length - 1))))]?.on ?? '';
}
