import { api, taken, type Schemas } from './client';

/** As it is now; as it was where that cannot be asked: what was saved is saved all the same. */
export async function caseOf(one: Schemas['Case']): Promise<Schemas['Case']> {
    return taken(api.GET('/api/cases/{id}', { params: { path: { id: one.id } } })).catch(() => one);
}
