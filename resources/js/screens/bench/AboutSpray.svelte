<script lang="ts">
    import type { BenchState } from './bench.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const recipe = $derived(bench.recipe);
</script>

{#if recipe !== undefined}
    <p>
        <span class="font-bold">{recipe.useWords[0]?.toUpperCase()}{recipe.useWords.slice(1)}</span>{#if recipe.forWords.length > 0}{say(
                'bench/about-spray.used-on',
                { forWords: recipe.forWords.join(', ').toLowerCase() },
            )}{/if}.
    </p>
    {#if recipe.document.notes}<p>{recipe.document.notes}</p>{/if}
    {#if recipe.repeat}<p class="quiet">
            {say('bench/about-spray.common-practice-no-source', { value: [recipe.repeat, ...recipe.waits].join(' ') })}
        </p>{/if}
    <div class="mt-2 flex flex-wrap gap-2">
        <a class="btn" href={`/recipes/write?${recipe.shipped ? 'from' : 'edit'}=${bench.recipeSlug}`}>{say('bench/about-spray.change')}</a>
        <a class="btn" href={`/recipes/compare?left=${bench.recipeSlug}`}>{say('bench/about-spray.compare')}</a>
        <a class="btn" href="/sums">{say('bench/about-spray.percent')}</a>
        {#if bench.case !== undefined}<a class="btn" href={`/cases/${bench.case.id}/choose`}>{say('bench/about-spray.why-this-one')}</a
            >{/if}
    </div>
{/if}
