import createClient from 'openapi-fetch';
import type { components, paths } from './api-types';
import { Fault } from './fault';
import { Together } from './together';

export type Schemas = components['schemas'];

/** The page's own origin; outside a page, as in tests, any will do. */
const baseUrl = typeof location === 'undefined' ? 'http://127.0.0.1' : location.origin;

const together = new Together((request) => fetch(request), baseUrl);

export const api = createClient<paths>({ baseUrl, fetch: (request) => together.fetch(request) });

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
        : new Fault('', `The answer could not be read (status ${answer.response.status}).`, answer.response.status);
}
