import { short } from '../../lib/figures';
import { HALF } from './address';
import type { BenchState } from './bench.svelte';

/** How strong it is made, of everything but the water: “half strength”, “25 % of full strength”. */
export function strengthOf(factor: number): string {
    return factor === 1 ? 'full strength' : factor === HALF ? 'half strength' : `${short(100 * factor)} % of full strength`;
}

/** What is set beyond the sentence, in short. */
export function settingsOf(state: BenchState): string {
    const order = state.shelf.catalogue.orders.find((one) => one.code === state.orderNow)?.name.toLowerCase() ?? '';
    const strength = state.factor === 1 && state.highEnd ? 'high end' : strengthOf(state.factor);
    return [strength, order, state.water.hardness === null ? 'hardness unknown' : `${short(state.water.hardness)} mg/L hard`].join(', ');
}
