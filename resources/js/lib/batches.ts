import { api, taken, type Schemas } from './client';
import { undo } from './undo.svelte';

/** Says that nothing is left of a batch, or that it is still there. */
export function discard(key: string, discarded: boolean, usedUp = false): Promise<Schemas['Batch']> {
    return taken(api.PUT('/api/batches/{id}/discarded', { params: { path: { id: key } }, body: { discarded, usedUp } }));
}

/** The same, with the way back. */
export async function end(key: string, usedUp: boolean): Promise<Schemas['Batch']> {
    const gone = await discard(key, true, usedUp);
    undo.done(
        say('lib/batches.is', { name: gone.name, usedUp: usedUp ? say('lib/batches.used-up') : say('lib/batches.poured-away') }),
        () => discard(key, false),
    );
    return gone;
}
