import type { Schemas } from '../../lib/client';

export function statusWords(status: Schemas['BatchBrief']['status']): string {
    return {
        mixing: say('batch/status.still-mixing'),
        ready: say('batch/status.ready-to-use'),
        old: say('batch/status.kept-too-long'),
        discarded: say('batch/status.thrown-away'),
        'used-up': say('batch/status.used-up'),
    }[status];
}
