import { writes } from './writes';

/** Three figures that matter, no trailing zeros: 0.772, 29.6, 3790. */
export function short(value: number): string {
    if (value === 0 || !Number.isFinite(value)) {
        return String(value);
    }
    // A hair up, so that a typed half like 29.95 goes the way that core rounds it.
    return writes.number(String(Number((value * (1 + 4 * Number.EPSILON)).toPrecision(3))));
}

/** Three figures, never more than there is. */
export function shortDown(value: number): string {
    const rounded = Number(value.toPrecision(3));
    // One step of the third figure less, where rounding went up.
    return short(rounded <= value ? rounded : rounded - 10 ** (Math.floor(Math.log10(value)) - 2));
}

export function millilitres(ml: number): string {
    return ml < 999.5 ? say('lib/figures.ml', { ml: short(ml) }) : `${short(ml / 1000)} L`;
}

/** What was typed as a number, with a comma or a point; NaN when it is none. */
export function typedNumber(text: string): number {
    const trimmed = text.trim().replace(',', '.');
    return /^\d*\.?\d+$|^\d+\.$/.test(trimmed) ? Number(trimmed) : Number.NaN;
}

/** Two figures, as strengths are said. */
export function percent(value: number): string {
    return value === 0 || !Number.isFinite(value) ? String(value) : writes.number(String(Number(value.toPrecision(2))));
}

/** How far a measure is off, where that is more than the eye reads. */
export function off(errorPercent: number): string {
    return Math.abs(errorPercent) < 5 ? '' : `, ${percent(Math.abs(errorPercent))} % ${errorPercent > 0 ? 'over' : 'under'}`;
}
