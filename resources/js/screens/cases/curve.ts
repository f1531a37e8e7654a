import { scaleLinear, scaleTime, type ScaleLinear, type ScaleTime } from 'd3-scale';
import type { Schemas } from '../../lib/client';

export interface Curve {
    x: ScaleTime<number, number>;
    y: ScaleLinear<number, number>;
    treated: string;
    untreated: string;
}

export const HEIGHT = 260;
export const LEFT = 50;
export const BOTTOM = 36;

const DAY = 86_400_000;

/** Where the counts and rounds of a case lie on a drawing so many px wide. */
export function curveOf(one: Schemas['Case'], width: number): Curve {
    const times = [...one.counts.map((count) => count.countedAt), ...one.rounds.map((round) => round.sprayedAt), one.openedAt].map((at) =>
        new Date(at).getTime(),
    );
    const from = Math.min(...times) - DAY / 2;
    const to = Math.max(...times) + DAY / 2;
    const x = scaleTime([new Date(from), new Date(to)], [LEFT, width - 16]);
    const y = scaleLinear([0, Math.max(5, ...one.counts.map((count) => count.value))], [HEIGHT - BOTTOM, 24]).nice();
    const line = (untreated: boolean): string =>
        one.counts
            .filter((count) => count.untreated === untreated)
            .map((count, i) => `${i === 0 ? 'M' : 'L'}${x(new Date(count.countedAt)).toFixed(1)} ${y(count.value).toFixed(1)}`)
            .join('');
    return { x, y, treated: line(false), untreated: line(true) };
}
