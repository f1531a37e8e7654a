import type { Schemas } from '../../lib/client';

export type Row = Schemas['Worked']['records'][number];
export type Untried = Schemas['Worked']['untried'][number];

export interface Group {
    pest: string;
    name: string;
    rows: Row[];
    untried: Untried[];
}

/** Sprays by pest, in the order in which they came. */
export function byPest(rows: Row[], untried: Untried[]): Group[] {
    const groups = new Map<string, Group>();
    for (const row of rows) {
        const group = groups.get(row.pest) ?? {
            pest: row.pest,
            name: row.pestName,
            rows: [],
            untried: untried.filter((one) => one.pest === row.pest),
        };
        group.rows.push(row);
        groups.set(row.pest, group);
    }
    return [...groups.values()];
}

/** Families that were tried on anything, in the order of the alphabet. */
export const families = (rows: Row[]): string[] => [...new Set(rows.map((row) => row.family))].sort((a, b) => a.localeCompare(b));

/** The best spray of a family against a pest. */
export const best = (group: Group, family: string): Row | undefined => group.rows.find((row) => row.family === family);

/** Percent as people say it: 86 %, or how many more. */
export function down(percent: number | null): string {
    if (percent === null) {
        return '?';
    }
    const whole = Math.round(Math.abs(percent));
    return percent < -0.5 ? `${whole} % up` : `${whole} %`;
}

/** The axis of what is left alive: all of it on its left, nothing on its right, in px. */
export const FROM = 26;
export const LENGTH = 190;
/** Rounds are drawn up to here; more is told in words. */
const MOST = 60;
/** Dots that would lie on each other stand above each other. */
const APART = 9;

/** Where so many percent left alive lie; more than there were lie at the end that tells it. */
export const leftAt = (percent: number): number => FROM + LENGTH * (1 - Math.min(100, Math.max(0, percent)) / 100);

/** The whole of an interval of what it took, and whether there is more of it than the axis holds. */
export function span(low: number, high: number): { x: number; width: number; beyond: boolean } {
    const [x, end] = [leftAt(100 - low), leftAt(100 - high)];
    return { x, width: Math.max(3, end - x), beyond: low < 0 };
}

export interface Dot {
    x: number;
    /** How many stand under it. */
    above: number;
    judged: boolean;
    /** More than there were before. */
    grew: boolean;
}

/** One dot a round, where it lies; a ring beside the axis where it could not be judged. */
export function dots(left: readonly (number | null)[]): Dot[] {
    const had = new Map<number, number>();
    return left.slice(-MOST).map((percent) => {
        const x = percent === null ? FROM + LENGTH + 24 : leftAt(percent);
        const place = Math.round(x / APART);
        const above = had.get(place) ?? 0;
        had.set(place, above + 1);
        return { x, above, judged: percent !== null, grew: percent !== null && percent > 100 };
    });
}

/** How sure an effect is, in words. */
export const SURENESS = {
    none: say('worked/figures.not-judged'),
    hardly: say('worked/figures.hardly-sure'),
    fairly: say('worked/figures.fairly-sure'),
    sure: 'sure',
} as const;

/** The mark that goes with a verdict. */
export const levelOf = (verdict: Row['verdict']): 'ok' | 'caution' | 'stop' | 'wait' =>
    verdict === 'keep' ? 'ok' : verdict === 'tune' ? 'caution' : verdict === 'drop' ? 'stop' : 'wait';
