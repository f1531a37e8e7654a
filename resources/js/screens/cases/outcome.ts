import type { Schemas } from '../../lib/client';

/** The mark that goes with what core said of a round. */
export function levelOf(outcome: Schemas['Outcome']): 'ok' | 'caution' | 'stop' | 'wait' {
    return (
        {
            worked: 'ok',
            helped: 'caution',
            failed: 'stop',
            'came-back': 'caution',
            'control-fell': 'wait',
            step: 'wait',
            'no-count-before': 'wait',
            'no-count-after': 'wait',
            'too-early': 'wait',
            'none-before': 'wait',
            'too-few': 'wait',
            'untreated-too-few': 'wait',
        } as const
    )[outcome];
}
