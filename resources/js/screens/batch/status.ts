import type { Schemas } from '../../lib/client';

export function statusWords(status: Schemas['BatchBrief']['status']): string {
    return { mixing: 'still mixing', ready: 'ready to use', old: 'kept too long', discarded: 'thrown away', 'used-up': 'used up' }[status];
}
