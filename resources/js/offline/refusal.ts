import { Fault } from '../lib/fault';
import { isInstant } from '../lib/time';
import type { Refusal } from './entry';

/** What an answer that is none says. */
export async function refusalIn(response: Response): Promise<Refusal> {
    // A body may be no object at all, and must not stop what waits behind.
    const said = (await response.json().catch(() => null)) as {
        error?: { path?: string; message?: string };
        conflict?: Refusal['conflict'];
    } | null;
    return {
        path: said?.error?.path ?? '',
        message: said?.error?.message ?? say('offline/refusal.answer-could-not-be-read', { status: response.status }),
        status: response.status,
        conflict: said?.conflict ?? null,
    };
}

export const faultOf = (refusal: Refusal): Fault => new Fault(refusal.path, refusal.message, refusal.status, refusal.conflict);

/** It was taken the first time, though the answer was lost: nothing differs but the hour, which the server had written down itself. */
export function hadArrived(refusal: Refusal): boolean {
    const told = refusal.conflict?.fields.every((one) => isInstant(one.saved) && isInstant(one.sent));
    return refusal.path === '/submission' && told === true;
}

/** Who is not let in now may be later; a server that is busy refuses nothing. */
export const isHeld = (status: number): boolean => status >= 500 || status === 401 || status === 429;
