<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { percent } from '../../lib/figures';

    const { row }: { row: Schemas['Worked']['records'][number] } = $props();
    const low = $derived(row.lowPercent ?? 0);
    const high = $derived(row.highPercent ?? 100);
    const share = $derived(row.judged > 0 ? (100 * row.worked) / row.judged : null);
    const told = $derived(
        row.lowPercent === null
            ? 'Nothing judged yet'
            : `It works in ${percent(Math.round(low))} to ${percent(Math.round(high))} % of rounds, as far as the counts tell`,
    );
</script>

<li class="border-base-300 grid gap-x-6 gap-y-1 border-b py-2 lg:grid-cols-[minmax(0,1fr)_20rem]" data-recipe={row.recipe.slug}>
    <div>
        <p>
            <strong class="text-lg">{row.recipe.name}</strong>
            {#if row.strength.length > 0}<span class="quiet" data-strength>{row.strength.join(', ')}</span>{/if}
        </p>
        <p>
            <strong data-verdict={row.verdict}>{row.verdictWords.split(' (')[0]}{row.verdictWords.includes(' (') ? '.' : ''}</strong>
            <span data-worked>Worked in {row.worked} of {row.judged} judged</span>{#if row.medianReductionPercent !== null}, mostly {percent(
                    Math.abs(row.medianReductionPercent),
                )} % {row.medianReductionPercent >= 0 ? 'fewer' : 'more'}{/if}.
        </p>
        <p class="hidden print:block">{told}.</p>
        <div class="no-print flex flex-wrap items-start gap-x-4">
            <a
                class="link inline-flex min-h-11 items-center"
                href={`/bench?again=${row.lastBatch}`}
                aria-label={`Mix it again: ${row.recipe.name}`}>Mix it again</a
            >
            <details class="min-w-0 flex-1">
                <summary class="min-h-11 cursor-pointer py-2">Why</summary>
                <ul class="quiet text-sm">
                    <li>{row.verdictWords}</li>
                    {#each row.because as sentence, i (i)}<li>{sentence}</li>{/each}
                </ul>
            </details>
        </div>
    </div>
    <svg viewBox="0 0 340 60" class="w-full max-w-sm self-center" role="img" aria-label={told}>
        {#if row.lowPercent !== null}
            <path d="M10 22H330" class="stroke-base-300" stroke-width="4" stroke-linecap="round" />
            <path d={`M${10 + 3.2 * low} 22H${10 + 3.2 * high}`} class="stroke-primary" stroke-width="10" />
            <path d={`M${10 + 3.2 * low} 10v24M${10 + 3.2 * high} 10v24`} class="stroke-primary" stroke-width="4" />
            {#if share !== null}<circle
                    cx={10 + 3.2 * share}
                    cy="22"
                    r="9"
                    class="fill-accent stroke-base-content"
                    stroke-width="2.5"
                />{/if}
            {#each [0, 50, 100] as tick (tick)}
                <text
                    x={10 + 3.2 * tick}
                    y="56"
                    text-anchor={tick === 0 ? 'start' : tick === 100 ? 'end' : 'middle'}
                    font-size="16"
                    class="fill-base-content font-mono">{tick}{tick === 100 ? ' %' : ''}</text
                >
            {/each}
        {:else}
            <text x="170" y="31" text-anchor="middle" font-size="16" class="fill-base-content">not judged yet</text>
        {/if}
    </svg>
</li>
