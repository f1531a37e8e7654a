import { baseUrl } from '../lib/line.svelte';
import type { Entry } from './entry';
import { MARK, notebook as shown, SAID, type Notebook } from './notebook.svelte';
import { isHeld } from './refusal';

interface Answered {
    answers: readonly { status: number; mark: string | null; body: unknown }[];
}

const JSON_TYPE = { 'Content-Type': 'application/json' };

/** What an entry would have said of its notebook and its hour if it went by itself. */
function said(entry: Entry, notebook: Notebook): Record<string, string> {
    const { headers } = notebook.signed(new Request(baseUrl + entry.path, { method: entry.method }), entry);
    return Object.fromEntries(SAID.flatMap((name) => (headers.has(name) ? [[name, headers.get(name) ?? '']] : [])));
}

/**
 * Sends what waited in one call, each with its own notebook and hour.
 *
 * @returns their answers in order; the one that says why all have to wait, where nobody is let in or something is broken; none where so many
 *          do not go together
 */
export async function sentTogether(
    call: (request: Request) => Promise<Response>,
    entries: readonly Entry[],
    notebook = shown,
): Promise<readonly Response[]> {
    const body = { entries: entries.map((one) => ({ method: one.method, path: one.path, headers: said(one, notebook), body: one.body })) };
    const request = new Request(`${baseUrl}/api/waiting`, { method: 'POST', headers: JSON_TYPE, body: JSON.stringify(body) });
    const response = await call(notebook.timed(request));
    if (!response.ok) {
        return entries.length === 1 || isHeld(response.status) ? [response] : [];
    }
    const { answers } = (await response.json()) as Answered;
    return answers.map(
        ({ status, mark, body: told }) =>
            new Response(JSON.stringify(told), { status, headers: { ...JSON_TYPE, ...(mark === null ? {} : { [MARK]: mark }) } }),
    );
}
