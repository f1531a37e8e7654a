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
        ...(filling.sprayer === undefined ? {} : { sprayer: filling.sprayer.fill }),
        highEnd: state.highEnd,
        factor: state.factor,
        ...(state.water.asked === undefined ? {} : { water: state.water.asked }),
        ...(state.onto === undefined ? {} : { plant: state.onto as Request['plant'] }),
        circumstances: state.day.circumstances,
    };
}

/** The same with the measures and the hand that it is mixed with. */
export function benchOf(state: Standing & { request: Request | null }): Schemas['Bench'] | null {
    const request = state.request;
    const { shelf } = state;
    const pickedInDays = state.day.pickedIn;
    return request === null
        ? null
        : {
              request,
              ...(shelf.kit.length === 0
                  ? {}
                  : { measures: shelf.kit.map(({ amount, unit, name }) => ({ amount, unit, ...(name === '' ? {} : { name }) })) }),
              ...(shelf.scaleGrams === null ? {} : { scale: shelf.scaleGrams }),
              hand: state.hand,
              agitation: state.agitation,
              ...(state.jarId === 0 ? {} : { stockReady: true }),
              ...(pickedInDays === undefined ? {} : { pickedInDays }),
          };
}
