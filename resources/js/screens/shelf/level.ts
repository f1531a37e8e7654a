/** How much is left, said in five taps: in tenths of the bottle. */
export const LEVELS = [0, 3, 5, 7, 10] as const;

/** Further from a tap than that, in tenths, no tap says it. */
const NEAR = 0.8;

/** The tap that says what is left; null where none does, or nobody said. */
export function tapOf(share: number | null): number | null {
    return share === null ? null : (LEVELS.find((one) => (one === 0 ? share === 0 : Math.abs(one - share * 10) <= NEAR)) ?? null);
}

/** As it is written on the tap. */
export const MARK: Record<number, string> = { 0: '0', 3: '⅓', 5: '½', 7: '⅔', 10: '1' };
