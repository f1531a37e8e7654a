import type { Schemas } from '../../lib/client';

type Body = Omit<Schemas['CorrectedShelfBottle'], 'basedOn'>;

/** What is known of a bottle, as it is sent back with one thing changed. */
export function bodyOf(bottle: Schemas['ShelfBottle']): Body {
    return {
        words: bottle.words,
        ingredient: bottle.ingredient as Body['ingredient'],
        ...(bottle.strength !== null && { strength: bottle.strength }),
        ...(bottle.holds !== null && { amount: bottle.holds.amount, unit: bottle.holds.unit as NonNullable<Body['unit']> }),
        ...(bottle.openedOn !== null && { openedOn: bottle.openedOn }),
        ...(bottle.price !== null && { price: bottle.price }),
    };
}
