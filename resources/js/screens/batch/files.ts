import { api, taken, type Schemas } from '../../lib/client';

/** Keeps a batch document that was read from a file. */
export async function keepBatch(document: unknown): Promise<string> {
    const answer = api.POST('/api/batches/documents', { body: document as Schemas['BatchDocument'] });
    const batch = await taken(answer);
    return (await answer).response.status === 201
        ? say('batch/files.kept-of', { makeWords: batch.makeWords, name: batch.name })
        : say('batch/files.batch-of-was-here-already', { name: batch.name });
}
