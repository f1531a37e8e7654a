import createClient from 'openapi-fetch';
import type { components, paths } from './api-types';
import { Fault } from './fault';
import { baseUrl, line } from './line.svelte';

export type Schemas = components['schemas'];

export const api = createClient<paths>({ baseUrl, fetch: (request) => line.fetch(request) });

interface Answer<T> {
    data?: T;
    error?: unknown;
    response: Response;
}

function isError(value: unknown): value is Schemas['Error'] | Schemas['Conflict'] {
    return typeof value === 'object' && value !== null && 'error' in value;
}

/** The data of an answer, or the fault it tells of. */
export async function taken<T>(asked: Promise<Answer<T>>): Promise<T> {
    let answer: Answer<T>;
    try {
        answer = await asked;
    } catch (thrown) {
        throw Fault.from(thrown);
    }
    if (answer.data !== undefined) {
        return answer.data;
    }
    throw isError(answer.error)
        ? new Fault(
              answer.error.error.path,
              answer.error.error.message,
              answer.response.status,
              'conflict' in answer.error ? answer.error.conflict : null,
          )
        : new Fault('', say('lib/client.answer-could-not-be-read', { status: answer.response.status }), answer.response.status);
}
