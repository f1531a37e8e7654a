import type { Schemas } from '../lib/client';
import type { Tally } from '../screens/batch/tally.svelte';

/** Two loads of water, two spoonfuls of oil and water on top, the first spoonful of which is in. */
export function batch(): Schemas['Batch'] {
    const scoop = (id: number, count: number, ticked: number[]): Schemas['Scoop'] => ({
        id,
        words: '1 tbsp',
        eachMl: 14.8,
        count,
        ticked,
        again: [],
    });
    const tasks = [
        { code: 'first-water', item: null, text: '', level_mL: 500 },
        { code: 'add-tank', item: 'neem-oil', text: '', level_mL: 530 },
        { code: 'top-up', item: null, text: '', level_mL: 1000 },
    ];
    return {
        id: 3,
        key: 'key-3',
        bottle: { loads: 2, mixed: 0 },
        mixingSteps: [3, 3],
        plan: { loads: [{ tasks }, { tasks }] },
        steps: [],
        items: [
            { id: 1, load: 1, key: 'neem-oil', name: 'neem oil', plannedMl: 29.6, scoops: [scoop(11, 2, [1])] },
            { id: 2, load: 2, key: 'neem-oil', name: 'neem oil', plannedMl: 29.6, scoops: [scoop(12, 2, [])] },
        ],
    } as unknown as Schemas['Batch'];
}

export function firstScoop(tally: Tally): Schemas['Scoop'] {
    const scoop = tally.shown[0]?.scoops[0];
    if (scoop === undefined) {
        throw new Error('The load has nothing to tick.');
    }
    return scoop;
}
