<script lang="ts">
    import type { BenchState } from './bench.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const recipe = $derived(bench.recipe);
</script>

{#if recipe !== undefined}
    <p>
        <span class="font-bold">{recipe.useWords[0]?.toUpperCase()}{recipe.useWords.slice(1)}</span>{#if recipe.forWords.length > 0}; used
            on {recipe.forWords.join(', ').toLowerCase()}{/if}.
    </p>
    {#if recipe.document.notes}<p>{recipe.document.notes}</p>{/if}
    {#if recipe.repeat}<p class="quiet">{[recipe.repeat, ...recipe.waits].join(' ')} (common practice, no source)</p>{/if}
    <div class="mt-2 flex flex-wrap gap-2">
        <a class="btn" href={`/recipes/write?${recipe.shipped ? 'from' : 'edit'}=${bench.recipeSlug}`}>Change</a>
        <a class="btn" href={`/recipes/compare?left=${bench.recipeSlug}`}>Compare</a>
        <a class="btn" href="/sums">Percent</a>
        {#if bench.case !== undefined}<a class="btn" href={`/cases/${bench.case.id}/choose`}>Why this one</a>{/if}
    </div>
{/if}
