import type { Schemas } from '../../lib/client';
import type { BenchState } from './bench.svelte';

type Request = Schemas['PlanRequest'];

/** A recipe of the house as it stands goes by its name; what was changed goes whole. */
function recipeOf(state: BenchState, recipe: Schemas['Recipe']): Request['recipe'] {
    const document = state.own ?? recipe.document;
    if (!state.changed && recipe.shipped) {
        return recipe.slug as never;
    }
    return { ...document, order: state.orderNow };
}

/** What a plan is asked for with; null while something is missing or typed wrong. */
export function requestOf(state: BenchState): Request | null {
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
export function benchOf(state: BenchState): Schemas['Bench'] | null {
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
