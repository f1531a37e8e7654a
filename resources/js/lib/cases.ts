import { api, taken, type Schemas } from './client';

/** Nobody chooses among more. */
const MOST = 400;

/** The open cases, page by page; the first page comes with most screens. */
export async function openCases(): Promise<Schemas['CaseBrief'][]> {
    let answer = await taken(api.GET('/api/cases'));
    const all = [...answer.cases];
    while (answer.more && all.at(-1)?.closedAt === null && all.length < MOST) {
        answer = await taken(api.GET('/api/cases', { params: { query: { from: all.length } } }));
        all.push(...answer.cases);
    }
    return all.filter((one) => one.closedAt === null);
}
