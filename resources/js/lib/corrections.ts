import { api, taken, type Schemas } from './client';

/** What can be corrected and taken back, as the addresses call it. */
export type Kind = 'plants' | 'sprayers' | 'measures' | 'batches' | 'leaf-tests' | 'readings' | 'rounds' | 'counts';

/** What can be done to a record that was saved. */
export type Step = 'take-back' | 'put-back' | 'undo' | 'reopen';

/** What undoes each step. */
export const INVERSE: Record<Step, Step> = { 'take-back': 'put-back', 'put-back': 'take-back', undo: 'undo', reopen: 'undo' };

export async function apply(step: Step, kind: Kind, id: number): Promise<unknown> {
    const params = { path: { id } };
    switch (step) {
        case 'take-back':
        case 'put-back':
            return taken(api.PUT(`/api/${kind}/{id}/taken-back`, { params, body: { takenBack: step === 'take-back' } }));
        case 'undo':
            return taken(api.PUT(`/api/${kind}/{id}/undone`, { params, body: {} }));
        case 'reopen':
            return taken(api.PUT('/api/batches/{id}/reopened', { params, body: {} }));
    }
}

export function historyOf(kind: Kind, id: number): Promise<Schemas['History']> {
    return taken(api.GET(`/api/${kind}/{id}/history`, { params: { path: { id } } }));
}
