/** How much is left, said in five taps: in tenths of the bottle. */
export const LEVELS = [0, 3, 5, 7, 10] as const;

/** The tap that comes nearest to what is left; null where nobody said. */
export function nearest(share: number | null): number | null {
    if (share === null) {
        return null;
    }
    const tenths = share * 10;
    return LEVELS.reduce<number>((best, one) => (Math.abs(one - tenths) < Math.abs(best - tenths) ? one : best), LEVELS[0]);
}

/** As it is written on the tap. */
export const MARK: Record<number, string> = { 0: '0', 3: '⅓', 5: '½', 7: '⅔', 10: '1' };
