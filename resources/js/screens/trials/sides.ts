import type { Schemas } from '../../lib/client';

type Side = Schemas['Trial']['sides'][number];

/** Which side comes first: both are mixed before the first of them is sprayed. */
export function nextSide(trial: Pick<Schemas['Trial'], 'sides' | 'looks'>): string | null {
    const waiting = trial.looks.length === 0 ? [] : trial.sides.filter((side) => side.left > 0);
    return (waiting.find((side) => !isMixed(side)) ?? waiting[0])?.letter ?? null;
}

/** Where it is mixed for all of its plants. */
export function benchOf(side: Pick<Side, 'recipe' | 'plantId' | 'course'>): string {
    return `/bench?recipe=${side.recipe ?? ''}&plant=${side.plantId ?? ''}&course=${side.course.id}`;
}

/** What was bought is ready as it is. */
function isMixed(side: Side): boolean {
    return side.recipe === null || (side.bottle !== null && !['planned', 'mixing'].includes(side.bottle.state));
}
