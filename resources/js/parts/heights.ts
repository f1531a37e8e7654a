import type { Schemas } from '../lib/client';
import { millilitres, short } from '../lib/figures';

type Pour = Schemas['Pour'];

/** From one poured mark to the next the wall is taken as straight; beyond the last nothing is known. */
function between(pours: readonly Pour[], at: number, from: keyof Pour, to: keyof Pour): number | null {
    let below: Pour = { mL: 0, mm: 0 };
    for (const pour of pours) {
        if (at <= pour[from]) {
            return below[to] + ((pour[to] - below[to]) * (at - below[from])) / (pour[from] - below[from]);
        }
        below = pour;
    }
    return null;
}

/** mm above the bottom at which so many mL stand, in a sprayer that known volumes were poured into. */
export function heightOf(pours: readonly Pour[], mL: number): number | null {
    // A hair over the last mark is what rounding leaves of the mark itself.
    const top = pours.at(-1)?.mL ?? 0;
    return between(pours, mL > top && mL < top * 1.000001 ? top : mL, 'mL', 'mm');
}

/** Draws a sprayer to scale: which share of its height so many mL reach, and the way back. */
export class Shape {
    readonly #pours: readonly Pour[];

    /** @param capacity in mL; pours that stop short of it say nothing of the shoulder, and the wall is taken as straight. */
    constructor(
        readonly capacity: number,
        pours: readonly Pour[],
    ) {
        this.#pours = heightOf(pours, capacity) === null ? [{ mL: capacity, mm: 1 }] : pours;
    }

    share(mL: number): number {
        const at = heightOf(this.#pours, Math.max(0, Math.min(this.capacity, mL))) ?? 0;
        return at / this.#top;
    }

    mL(share: number): number {
        return between(this.#pours, Math.max(0, Math.min(1, share)) * this.#top, 'mm', 'mL') ?? this.capacity;
    }

    get #top(): number {
        return heightOf(this.#pours, this.capacity) ?? 1;
    }
}

const FRACTIONS: [number, string][] = [
    [1 / 8, '⅛'],
    [1 / 4, '¼'],
    [1 / 3, '⅓'],
    [3 / 8, '⅜'],
    [1 / 2, '½'],
    [5 / 8, '⅝'],
    [2 / 3, '⅔'],
    [3 / 4, '¾'],
    [7 / 8, '⅞'],
];

/** A number as people write it on a measure: 1½, ¾, 2; with three figures where no fraction is near. */
export function kitchenly(value: number): string {
    const whole = Math.floor(value + 1e-6);
    const rest = value - whole;
    if (Math.abs(rest) < 1e-6 * Math.max(1, value)) {
        return short(value);
    }
    const found = whole < 20 ? FRACTIONS.find(([share]) => Math.abs(rest - share) < 1e-4) : undefined;
    return found === undefined ? short(value) : `${whole === 0 ? '' : whole}${found[1]}`;
}

/** Share of the sprayer within which nobody sees that it is off a mark. */
const AT_THE_MARK = 0.004;

interface SpokenUnit {
    words: string;
    mL: number;
}

/** So much in the unit that is spoken of, and in metric. */
export function spokenIn(mL: number, unit: SpokenUnit): string {
    const metric = unit.words === 'mL' || unit.words === 'L' ? '' : ` (${millilitres(mL)})`;
    return `${kitchenly(mL / unit.mL)} ${unit.words}${metric}`;
}

/** Where so much stands, by the marks that a sprayer has and, where it was measured, in mm. */
export function standing(mL: number, capacity: number, unit: SpokenUnit, pours: readonly Pour[]): string {
    const height = heightOf(pours, mL);
    return `${byMarks(mL / unit.mL, capacity, unit.words)}${height === null ? '' : say('parts/heights.mm-above-bottom', { height: Math.round(height) })}`;
}

/** The marks of a sprayer, its quarters and eighths: at one, or just under or over it. */
function byMarks(amount: number, capacity: number, words: string): string {
    const nearest = Math.round((amount / capacity) * 8);
    const away = amount / capacity - nearest / 8;
    if (nearest === 0) {
        return say('parts/heights.under-mark', { capacity: kitchenly(capacity / 8), words });
    }
    const side = Math.abs(away) < AT_THE_MARK ? 'at' : away < 0 ? say('parts/heights.just-under') : say('parts/heights.just-over');
    return say('parts/heights.mark', { side, nearest: kitchenly((nearest * capacity) / 8), words });
}
