<script lang="ts">
    import type { Schemas } from '../../lib/client';

    const { both }: { both: Schemas['Compared'] } = $props();
    /** One scale for all, so that a bar twice as long is twice as strong. */
    const most = $derived(Math.max(...both.strengths.flatMap((row) => [row.first, row.second]), 1e-9));
    const names = $derived(both.recipes.map((one) => one.name));
</script>

<h2>{say('recipes/strength-bars.how-strong')}</h2>
<div class="grid gap-4" aria-hidden="true">
    {#each both.strengths as row (row.what)}
        <div>
            <p class="font-bold">{row.name}</p>
            {#each [{ percent: row.first, words: row.firstWords }, { percent: row.second, words: row.secondWords }] as { percent, words }, side (side)}
                <div class="mt-1 flex items-center gap-2">
                    <div
                        class="rounded-r border-base-content h-7"
                        class:min-w-1={percent > 0}
                        class:border-2={percent > 0}
                        class:bg-primary={side === 0}
                        class:hatched={side === 1}
                        data-percent={percent}
                        style:width={`${(60 * percent) / most}%`}
                    ></div>
                    <span class="numeral whitespace-nowrap">{words}</span>
                </div>
                <p class="quiet text-sm">{names[side]}</p>
            {/each}
        </div>
    {/each}
</div>
