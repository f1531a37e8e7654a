<script lang="ts">
    import { millilitres } from '../../lib/figures';
    import LevelMark from '../../parts/LevelMark.svelte';
    import { levelOf, span, type Row } from './figures';

    const { row }: { row: Row } = $props();
    const FROM = 10;
    const LENGTH = 200;
    const told = $derived(
        row.effect === '' ? say('worked/record-row.not-judged-yet') : say('worked/record-row.leaves', { effect: row.effect }),
    );
    const costs = $derived(
        [
            row.roundsNeeded === null
                ? ''
                : say('worked/record-row.until-down', {
                      roundsNeeded: row.roundsNeeded,
                      roundsNeeded2: row.roundsNeeded === 1 ? 'round' : 'rounds',
                  }),
            row.litresPerCase === null ? '' : `${millilitres(1000 * row.litresPerCase)} a case`,
            row.minutesPerCase === null ? '' : say('worked/record-row.min-case', { minutesPerCase: Math.round(row.minutesPerCase) }),
            row.burntAfter === 0 ? '' : say('worked/record-row.burnt-after-of', { burntAfter: row.burntAfter, rounds: row.rounds }),
        ].filter((part) => part !== ''),
    );
</script>

<tr data-recipe={row.recipe.slug}>
    <th scope="row">
        <strong class="block text-lg">{row.recipe.name}</strong>
        {#if row.strength.length > 0}<span class="quiet text-sm font-normal" data-strength>{row.strength.join(', ')}</span>{/if}
    </th>
    <td>
        <span class="flex items-start gap-2"
            ><LevelMark level={levelOf(row.verdict)} silent /><strong data-verdict={row.verdict}>{row.verdictWords}</strong></span
        >
    </td>
    <td class="plot">
        <svg viewBox="0 0 260 44" class="w-full max-w-72" role="img" aria-label={told}>
            <path d={`M${FROM} 16H${FROM + LENGTH}`} class="stroke-base-300" stroke-width="2" />
            {#each [0, 50, 100] as tick (tick)}<path
                    d={`M${FROM + (LENGTH * tick) / 100} 8v16`}
                    class="stroke-base-300"
                    stroke-width="2"
                /><text x={FROM + (LENGTH * tick) / 100} y="40" text-anchor="middle" font-size="13" class="fill-base-content"
                    >{tick}{tick === 100 ? ' %' : ''}</text
                >{/each}
            {#if row.effectPercent !== null && row.effectLow !== null && row.effectHigh !== null}
                {@const bar = span(row.effectLow, row.effectHigh, FROM, LENGTH)}
                <rect x={bar.x} y="12" width={bar.width} height="8" class="fill-primary" />
                <path
                    d={`M${span(row.effectPercent, row.effectPercent, FROM, LENGTH).x} 6l9 10 -9 10 -9 -10z`}
                    class="fill-accent stroke-base-content"
                    stroke-width="2"
                />
            {:else}<text x={FROM + LENGTH / 2} y="14" text-anchor="middle" font-size="13" class="fill-base-content"
                    >{say('worked/record-row.not-judged')}</text
                >{/if}
        </svg>
        <span class="hidden text-sm print:block">{told}.</span>
    </td>
    <td
        ><span class="md:hidden">{say('worked/record-row.worked-in')}</span><span data-worked
            >{say('worked/record-row.of', { worked: row.worked, judged: row.judged })}</span
        ><span class="sr-only"> {say('worked/record-row.judged-rounds')}</span></td
    >
    <td>
        {#if costs.length > 0}<span class="quiet block text-sm">{costs.join(', ')}</span>{/if}
        <div class="no-print flex flex-wrap items-start gap-x-4">
            <details class="min-w-0">
                <summary class="min-h-11 cursor-pointer py-2">{say('worked/record-row.why')}</summary>
                <ul class="quiet text-sm">
                    {#each row.because as sentence, i (i)}<li>{sentence}</li>{/each}
                    {#each row.wentWith as sentence, i (i)}<li>{sentence}</li>{/each}
                </ul>
            </details>
            <a
                class="link inline-flex min-h-11 items-center"
                href={`/bench?again=${row.lastBatch}`}
                aria-label={say('worked/record-row.mix-again', { name: row.recipe.name })}>{say('worked/record-row.mix-again-2')}</a
            >
        </div>
    </td>
</tr>
