import type { Schemas } from '../../lib/client';

type Day = Schemas['GardenDay'];

/** Px that the drawing is high. */
export const SKY = 92;

const GROUND = 66;
const ROOF = 12;
const EDGE = 10;

export interface Sky {
    x: (at: string) => number;
    ground: number;
    /** The sun from rise to set; empty where it does not cross the horizon. */
    arc: string;
    celsius: string;
    /** Px of a temperature. */
    y: (celsius: number) => number;
    coldest: Day['hours'][number] | null;
    warmest: Day['hours'][number] | null;
    rain: { x: number; width: number; height: number }[];
    /** Temperatures that what is due does not bear, where the day comes near them. */
    limits: { celsius: number; y: number }[];
    /** Hours with more wind than a mist bears well. */
    windy: { x: number; width: number }[];
}

/** The day of the garden on a drawing so many px wide. */
export function skyOf(day: Day, width: number): Sky {
    const [from, until] = [Date.parse(day.from), Date.parse(day.until)];
    const x = (at: string): number =>
        EDGE + ((Math.min(until, Math.max(from, Date.parse(at))) - from) / (until - from)) * (width - 2 * EDGE);
    const degrees = day.hours.map((one) => one.celsius);
    const [low, high] = [Math.min(...degrees), Math.max(...degrees)];
    const y = (celsius: number): number => GROUND - 6 - ((celsius - low) / Math.max(6, high - low)) * (GROUND - 6 - ROOF - 12);
    const arc = day.sun.rise === null || day.sun.set === null ? '' : arcOf(x(day.sun.rise), x(day.sun.set));
    const half = 1_800_000;
    const hour = (x(new Date(from + 2 * half).toISOString()) - x(day.from)) * 0.7;
    const near = 4;
    const limits = [day.cold, day.hot].filter((one): one is number => one !== null && one > low - near && one < high + near);
    return {
        x,
        y,
        ground: GROUND,
        arc,
        celsius: day.hours
            .map(
                (one, i) =>
                    `${i === 0 ? 'M' : 'L'}${x(new Date(Date.parse(one.at) + half).toISOString()).toFixed(1)} ${y(one.celsius).toFixed(1)}`,
            )
            .join(''),
        coldest: day.hours.find((one) => one.celsius === low) ?? null,
        warmest: day.hours.find((one) => one.celsius === high) ?? null,
        limits: limits.map((celsius) => ({ celsius, y: Math.max(4, Math.min(GROUND - 3, y(celsius))) })),
        windy: day.hours.filter((one) => (one.windKmh ?? 0) > day.windLimit).map((one) => ({ x: x(one.at), width: hour })),
        rain: day.hours
            .filter((one) => (one.rainMm ?? 0) > 0)
            .map((one) => ({ x: x(one.at), width: hour, height: Math.min(GROUND - ROOF, 6 + (one.rainMm ?? 0) * 8) })),
    };
}

const arcOf = (rise: number, set: number): string => `M${rise} ${GROUND}Q${(rise + set) / 2} ${2 * ROOF - GROUND} ${set} ${GROUND}`;
