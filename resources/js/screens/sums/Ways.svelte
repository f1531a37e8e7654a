<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import Verdicts from '../../parts/Verdicts.svelte';

    const { sums, onanswer }: { sums: Schemas['Sums']; onanswer: (line: string) => void } = $props();
    const rows = (way: Schemas['Sums']['ways'][number]): [string, string][] => [
        [say('sums/ways.to-measure'), way.scoops],
        [say('sums/ways.that'), way.amount],
        [say('sums/ways.percent-of-finished-spray'), way.percent],
        ...(way.pure === null ? [] : ([[say('sums/ways.of-pure-substance'), way.pure]] as [string, string][])),
        [say('sums/ways.in-parts'), way.parts],
        ['As a rate', way.perLitre],
        [say('sums/ways.by-gallon'), way.perGallon],
        ['Water', way.water],
    ];
</script>

<div class="dish" data-sums>
    <p class={sums.kind === 'line' ? '' : 'border-warning border-l-8 pl-3'}>{sums.text}</p>
    {#each sums.assumed as one, i (i)}<p class="quiet text-sm">{one}</p>{/each}
    <div class="mt-2 flex flex-wrap gap-2">
        {#each sums.answers as answer, i (i)}<button class="btn" onclick={() => onanswer(answer.line)}>{answer.words}</button>{/each}
    </div>
    {#each sums.ways as way (way.name)}
        <h2 class="mt-3">{way.name}</h2>
        <dl class="grid gap-x-4 gap-y-2 sm:grid-cols-[auto_1fr]">
            {#each rows(way) as [name, words] (name)}
                <dt class="quiet">{name}</dt>
                <dd class="text-lg font-bold">{words}</dd>
            {/each}
        </dl>
    {/each}
</div>
{#if sums.verdicts.length > 0}
    <div class="dish">
        <h2 class="mb-2">{say('sums/ways.on-ordinary-leaf')}</h2>
        <Verdicts verdicts={sums.verdicts} />
    </div>
{/if}
