import { api, taken, type Schemas } from './client';

/** What can be corrected and taken back, as the addresses call it. */
export type Kind =
    | 'plants'
    | 'sprayers'
    | 'measures'
    | 'shelf'
    | 'batches'
    | 'leaf-tests'
    | 'readings'
    | 'rounds'
    | 'counts'
    | 'waits'
    | 'burns'
    | 'moves'
    | 'sprayer-events'
    | 'trials'
    | 'trial-looks'
    | 'courses'
    | 'course-looks';

/** What can be done to a record that was saved. */
export type Step = 'take-back' | 'put-back' | 'undo' | 'reopen';

/** What undoes each step. */
export const INVERSE: Record<Step, Step> = { 'take-back': 'put-back', 'put-back': 'take-back', undo: 'undo', reopen: 'undo' };

/** Returns the version that the record has then. */
export async function apply(step: Step, kind: Kind, key: string, basedOn: number): Promise<number> {
    const params = { path: { id: key } };
    switch (step) {
        case 'take-back':
        case 'put-back':
            return (await taken(api.PUT(`/api/${kind}/{id}/taken-back`, { params, body: { basedOn, takenBack: step === 'take-back' } })))
                .version;
        case 'undo':
            return (await taken(api.PUT(`/api/${kind}/{id}/undone`, { params, body: { basedOn } }))).version;
        case 'reopen':
            return (await taken(api.PUT('/api/batches/{id}/reopened', { params, body: { basedOn } }))).version;
    }
}

export function historyOf(kind: Kind, id: number): Promise<Schemas['History']> {
    return taken(api.GET(`/api/${kind}/{id}/history`, { params: { path: { id } } }));
}
