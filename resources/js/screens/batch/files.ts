import { api, taken, type Schemas } from '../../lib/client';

/** Keeps a batch document that was read from a file. */
export async function keepBatch(document: unknown): Promise<string> {
    const answer = api.POST('/api/batches/documents', { body: document as Schemas['BatchDocument'] });
    const batch = await taken(answer);
    return (await answer).response.status === 201
        ? `kept, ${batch.makeWords} of ${batch.name}`
        : `the batch of ${batch.name} was here already`;
}
