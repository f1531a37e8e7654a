import type { Schemas } from '../../lib/client';
import { millilitres } from '../../lib/figures';

/** The plan as plain text, for a message or a note. */
export function cardText(name: string, plan: Schemas['Plan']): string {
    const lines = [
        say('bench/card.in', { name, make: plan.spoken.make, loads: plan.spoken.loads }),
        say('bench/card.strength', { strength: plan.spoken.strength.join(', ') || say('bench/card.nothing-reckoned-in-percent') }),
    ];
    for (const [i, load] of plan.loads.entries()) {
        const before = plan.loads[i - 1];
        if (before !== undefined && Math.abs(before.finished_mL - load.finished_mL) < 1e-6 * load.finished_mL) {
            continue;
        }
        const alike = plan.loads.filter((one) => Math.abs(one.finished_mL - load.finished_mL) < 1e-6 * load.finished_mL).length;
        lines.push(
            '',
            plan.loads.length === 1
                ? 'Measure'
                : say('bench/card.of', {
                      alike: alike === 1 ? say('bench/card.one-load') : say('bench/card.loads-each', { alike }),
                      spoken: load.spoken,
                  }),
        );
        for (const item of load.items) {
            lines.push(say('bench/card.of-2', { words: item.words, name: item.name, mL: millilitres(item.measured.mL) }));
        }
        lines.push(say('bench/card.water-up-to-mark', { spoken: load.spoken }));
    }
    lines.push('', 'Steps', ...plan.steps.map((step, i) => `${i + 1}. ${step}`));
    const said = plan.verdicts.filter((verdict) => verdict.level !== 'ok');
    if (said.length > 0) {
        lines.push('', 'Mind', ...said.map((verdict) => `${verdict.level.toUpperCase()}: ${verdict.because}`));
    }
    lines.push('', plan.holding.because, '', 'Cautions', ...plan.cautions.map((caution) => `- ${caution.text}`));
    return lines.join('\n');
}
