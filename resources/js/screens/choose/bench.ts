import type { Schemas } from '../../lib/client';

/** Where a spray of the choice is put on the bench, at the dose that was chosen for it. */
export const benchAt = (
    caseId: number,
    { slug, half, highEnd, stocked }: Pick<Schemas['Choice']['others'][number], 'slug' | 'half' | 'highEnd' | 'stocked'>,
): string => `/bench?case=${caseId}&recipe=${slug}${half ? '&dose=half' : highEnd ? '&dose=high' : ''}${stocked ? '&shelf=1' : ''}`;
