import type { Schemas } from '../../lib/client';

type Fill = Schemas['Kit'][number];
type Scoop = Schemas['Plan']['loads'][number]['items'][number]['measured']['scoops'][number];

/** “2 × blue spoon + 1 × syringe to the 3 mL mark”, or the plain words where the measures have no names of their own. */
export function spokenScoops(words: string, scoops: Scoop[], kit: Fill[]): string {
    const named = scoops.map((scoop) =>
        kit.find((fill) => fill.amount === scoop.amount && fill.unit === scoop.unit && fill.words !== scoop.words),
    );
    if (!named.some((fill) => fill !== undefined)) {
        return words;
    }
    return scoops.map((scoop, i) => `${scoop.count} × ${named[i]?.words ?? scoop.words}`).join(' + ');
}
