<script lang="ts">
    import { millilitres } from '../../lib/figures';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Standing from '../../parts/Standing.svelte';
    import { dots, FROM, leftAt, LENGTH, levelOf, span, type Row } from './figures';

    const { row }: { row: Row } = $props();
    const TICKS: [number, string][] = [
        [100, say('worked/record-row.all')],
        [50, say('worked/record-row.half')],
        [0, say('worked/record-row.none')],
    ];
    const rounds = $derived(dots(row.left));
    const high = $derived(9 * Math.max(0, ...rounds.map((dot) => dot.above)));
    const told = $derived(
        row.effect === '' ? say('worked/record-row.not-judged-yet') : say('worked/record-row.leaves', { effect: row.effect }),
    );
    /** What the dots show, for whoever does not see them. */
    const dotted = $derived(
        say('worked/record-row.rounds-left', {
            each: row.left.map((percent) => (percent === null ? '?' : `${Math.round(percent)} %`)).join(', '),
        }),
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
            ><LevelMark level={levelOf(row.verdict)} silent /><span
                ><strong data-verdict={row.verdict}>{row.verdictWords}</strong> <Standing verdict={row} /></span
            ></span
        >
    </td>
    <td class="plot">
        <svg viewBox={`0 ${-high} 260 ${high + 44}`} class="w-full max-w-80" role="img" aria-label={`${told}. ${dotted}`}>
            <path d={`M${FROM} 16H${FROM + LENGTH}`} class="stroke-base-300" stroke-width="2" />
            {#each TICKS as [percent, words] (percent)}<path
                    d={`M${leftAt(percent)} 10v12`}
                    class="stroke-base-300"
                    stroke-width="2"
                /><text x={leftAt(percent)} y="40" text-anchor="middle" font-size="15" class="fill-base-content">{words}</text>{/each}
            {#if row.effectPercent !== null && row.effectLow !== null && row.effectHigh !== null}
                {@const bar = span(row.effectLow, row.effectHigh)}
                <path d={`M${bar.x} 22h${bar.width}`} class="stroke-primary" stroke-width="5" data-interval />
                {#if bar.beyond}<path d={`M${bar.x} 16l-9 6 9 6z`} class="fill-primary" data-beyond />{/if}
                <path d={`M${leftAt(100 - row.effectPercent)} 15v14`} class="stroke-base-content" stroke-width="3" />
            {/if}
            {#each rounds as dot, i (i)}<circle
                    cx={dot.x}
                    cy={7 - 9 * dot.above}
                    r="4"
                    class={dot.judged ? 'fill-base-content' : 'stroke-base-content fill-none'}
                    stroke-width="2"
                    data-round={dot.judged ? (dot.grew ? 'grew' : 'judged') : 'open'}
                />{/each}
        </svg>
        <span class="hidden text-sm print:block">{told}. {dotted}</span>
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
                <p class="font-bold" data-next>{row.next}</p>
                <ul class="quiet text-sm">
                    {#each row.because as sentence, i (i)}<li>{sentence}</li>{/each}
                    {#each row.wentWith as sentence, i (i)}<li>{sentence}</li>{/each}
                </ul>
            </details>
            {#if row.lastBatch !== null}<a
                    class="link inline-flex min-h-11 items-center"
                    href={`/bench?again=${row.lastBatch}`}
                    aria-label={say('worked/record-row.mix-again', { name: row.recipe.name })}>{say('worked/record-row.mix-again-2')}</a
                >{/if}
        </div>
    </td>
</tr>
