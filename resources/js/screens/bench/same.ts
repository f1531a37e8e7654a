import type { Schemas } from '../../lib/client';

/** In one order of keys, whoever wrote it. */
function ordered(value: unknown): unknown {
    if (Array.isArray(value)) {
        return value.map(ordered);
    }
    if (typeof value !== 'object' || value === null) {
        return value;
    }
    return Object.fromEntries(
        Object.entries(value)
            .filter(([, one]) => one !== undefined)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, one]) => [key, ordered(one)]),
    );
}

/** Whether two benches ask for the same plan. */
export function sameBench(one: Schemas['Bench'], other: Schemas['Bench']): boolean {
    return JSON.stringify(ordered(one)) === JSON.stringify(ordered(other));
}
