import { short } from '../../lib/figures';
import { HALF } from './address';
import type { BenchState } from './bench.svelte';

/** How strong it is made, of everything but the water: “half strength”, “25 % of full strength”. */
export function strengthOf(factor: number): string {
    return factor === 1
        ? say('bench/setting.full-strength')
        : factor === HALF
          ? say('bench/setting.half-strength')
          : say('bench/setting.of-full-strength', { factor: short(100 * factor) });
}

/** What is set beyond the sentence, in short. */
export function settingsOf(state: BenchState): string {
    const order = state.shelf.catalogue.orders.find((one) => one.code === state.orderNow)?.name.toLowerCase() ?? '';
    const strength = state.factor === 1 && state.highEnd ? say('bench/setting.high-end') : strengthOf(state.factor);
    return [
        strength,
        order,
        state.water.hardness === null
            ? say('bench/setting.hardness-unknown')
            : say('bench/setting.mg-l-hard', { hardness: short(state.water.hardness) }),
    ].join(', ');
}
