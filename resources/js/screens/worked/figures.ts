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

const clamp = (percent: number): number => Math.min(100, Math.max(0, percent));

/** Where an interval lies on an axis from 0 to 100 % that is so many px long; what lies outside ends at its ends. */
export function span(low: number, high: number, from: number, length: number): { x: number; width: number } {
    const x = from + (clamp(low) / 100) * length;
    return { x, width: Math.max(3, from + (clamp(high) / 100) * length - x) };
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
