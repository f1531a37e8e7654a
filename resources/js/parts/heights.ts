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

interface SpokenUnit {
    words: string;
    mL: number;
}

/** So much in the unit that is spoken of, and in metric. */
export function spokenIn(mL: number, unit: SpokenUnit): string {
    const metric = unit.words === 'mL' || unit.words === 'L' ? '' : ` (${millilitres(mL)})`;
    return `${short(mL / unit.mL)} ${unit.words}${metric}`;
}

/** Where so much stands, in the sprayer's own unit and, where it was measured, in mm. */
export function standing(mL: number, unit: SpokenUnit, pours: readonly Pour[]): string {
    const height = heightOf(pours, mL);
    return `${spokenIn(mL, unit)}${height === null ? '' : `, ${short(height)} mm above the bottom`}`;
}
