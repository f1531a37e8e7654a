import type { Schemas } from '../../lib/client';
import type { Day } from './day.svelte';
import type { Filling } from './filling.svelte';
import type { Shelf } from './shelf';
import type { Water } from './water.svelte';

type Request = Schemas['PlanRequest'];

/** What stands on the bench, as far as a plan hangs on it. */
interface Standing {
    own: Schemas['RecipeDocument'] | null;
    changed: boolean;
    orderNow: Schemas['RecipeDocument']['order'];
    recipe: Schemas['Recipe'] | undefined;
    filling: Filling;
    typedFault: string;
    highEnd: boolean;
    factor: number;
    water: Water;
    onto: string | undefined;
    day: Day;
    shelf: Shelf;
    hand: number;
    agitation: Schemas['Bench']['agitation'];
    jarId: number;
    plantId: number;
}

/** A recipe of the house as it stands goes by its name; what was changed goes whole. */
function recipeOf(state: Standing, recipe: Schemas['Recipe']): Request['recipe'] {
    const document = state.own ?? recipe.document;
    if (!state.changed && recipe.shipped) {
        return recipe.slug as never;
    }
    return { ...document, order: state.orderNow };
}

/** What a plan is asked for with; null while something is missing or typed wrong. */
export function requestOf(state: Standing): Request | null {
    const { recipe, filling } = state;
    if (recipe === undefined || state.typedFault !== '') {
        return null;
    }
    return {
        recipe: recipeOf(state, recipe),
        make: { amount: filling.make, unit: filling.unit },
        sprayer: filling.sprayer?.fill,
        inBucket: filling.sprayer?.inBucket || undefined,
        highEnd: state.highEnd,
        factor: state.factor,
        water: state.water.asked,
        plant: state.onto as Request['plant'],
        circumstances: state.day.circumstances,
    };
}

/** The same with the measures and the hand that it is mixed with. */
export function benchOf(state: Standing & { request: Request | null }): Schemas['Bench'] | null {
    const request = state.request;
    const { shelf } = state;
    return request === null
        ? null
        : {
              request,
              measures:
                  shelf.kit.length > 0 ? shelf.kit.map(({ amount, unit, name }) => ({ amount, unit, name: name || undefined })) : undefined,
              scale: shelf.scaleGrams ?? undefined,
              hand: state.hand,
              agitation: state.agitation,
              stockReady: state.jarId > 0 || undefined,
              pickedInDays: state.day.pickedIn,
              plantId: state.plantId || undefined,
          };
}
