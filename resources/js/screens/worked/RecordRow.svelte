<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { short } from '../../lib/figures';

    const { row }: { row: Schemas['Worked']['records'][number] } = $props();
    const low = $derived(row.lowPercent ?? 0);
    const high = $derived(row.highPercent ?? 100);
    const share = $derived(row.judged > 0 ? (100 * row.worked) / row.judged : null);
</script>

<li class="dish grid gap-x-6 gap-y-2 lg:grid-cols-[minmax(0,1fr)_22rem]" data-recipe={row.recipe.slug}>
    <div>
        <p class="text-lg">
            <strong>{row.recipe.name}</strong>{#if row.strength.length > 0}<span data-strength>, {row.strength.join(', ')}</span>{/if}
        </p>
        <p>
            <strong data-worked>Worked in {row.worked} of {row.judged} judged</strong>, {row.rounds}
            {row.rounds === 1 ? 'round' : 'rounds'} in all{#if row.medianReductionPercent !== null}; middle round {short(
                    Math.abs(row.medianReductionPercent),
                )} % {row.medianReductionPercent >= 0 ? 'fewer' : 'more'}{/if}.
        </p>
        <p class="font-bold" data-verdict={row.verdict}>{row.verdictWords}</p>
        <ul class="quiet mt-1 text-sm">
            {#each row.because as sentence, i (i)}<li>{sentence}</li>{/each}
        </ul>
    </div>
    <svg
        viewBox="0 0 340 64"
        class="w-full max-w-sm"
        role="img"
        aria-label={row.lowPercent === null ? 'Nothing judged yet' : `Between ${short(low)} and ${short(high)} percent of rounds`}
    >
        {#if row.lowPercent !== null}
            <path d="M10 26H330" class="stroke-base-300" stroke-width="10" stroke-linecap="round" />
            <path d={`M${10 + 3.2 * low} 26H${10 + 3.2 * high}`} class="stroke-primary" stroke-width="10" />
            <path d={`M${10 + 3.2 * low} 14v24M${10 + 3.2 * high} 14v24`} class="stroke-primary" stroke-width="4" />
            {#if share !== null}<circle
                    cx={10 + 3.2 * share}
                    cy="26"
                    r="9"
                    class="fill-accent stroke-base-content"
                    stroke-width="2.5"
                />{/if}
        {:else}
            <text x="170" y="31" text-anchor="middle" font-size="15" class="fill-base-content">not judged yet</text>
        {/if}
        {#each [0, 50, 100] as tick (tick)}
            <text
                x={10 + 3.2 * tick}
                y="60"
                text-anchor={tick === 0 ? 'start' : tick === 100 ? 'end' : 'middle'}
                font-size="14"
                class="fill-base-content font-mono">{tick} %</text
            >
        {/each}
    </svg>
</li>
