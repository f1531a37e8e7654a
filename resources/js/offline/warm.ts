import { api, taken } from '../lib/client';
import { zone } from '../lib/time';

/** Fetches what hands at the bench and in the bed will want to see, so that it is here when the line is not. */
export async function warm(): Promise<void> {
    const [{ batches }, { cases }, { leafTests }] = await Promise.all([
        taken(api.GET('/api/batches')),
        taken(api.GET('/api/cases')),
        taken(api.GET('/api/leaf-tests')),
    ]);
    await Promise.all([
        api.GET('/api/today', { params: { query: { zone: zone() } } }),
        api.GET('/api/catalogue'),
        api.GET('/api/recipes'),
        api.GET('/api/hand'),
        api.GET('/api/jars'),
        api.GET('/api/plants'),
        api.GET('/api/sprayers'),
        api.GET('/api/measures'),
        api.GET('/api/opening'),
        api.GET('/api/own'),
        api.GET('/api/household'),
    ]);
    await Promise.all([
        ...batches
            .filter((one) => one.bottle.end === null)
            .slice(0, 5)
            .map((one) => api.GET('/api/batches/{id}', { params: { path: { id: one.id } } })),
        ...cases.slice(0, 8).map((one) => api.GET('/api/cases/{id}', { params: { path: { id: one.id } } })),
    ]);
    await Promise.all(
        leafTests
            .filter((one) => one.outcome === 'waiting')
            .slice(0, 5)
            .map((one) => api.GET('/api/leaf-tests/{id}', { params: { path: { id: one.id } } })),
    );
}
