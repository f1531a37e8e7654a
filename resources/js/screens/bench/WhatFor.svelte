<script lang="ts">
    import { recipeIsDrench, type BenchState } from './bench.svelte';

    const { state }: { state: BenchState } = $props();
    const fits = $derived(state.fitting.length);
</script>

<div class="dish grid gap-3">
    <label class="grid gap-1">
        <span class="font-bold">For which case</span>
        <select class="select w-full" value={state.caseId} onchange={(event) => state.pickCase(Number(event.currentTarget.value))}>
            <option value={0}>No case, just a spray</option>
            {#each state.shelf.cases as one (one.id)}<option value={one.id}>{one.name}</option>{/each}
        </select>
    </label>
    <label class="grid gap-1">
        <span class="font-bold">On which plant</span>
        <select class="select w-full" bind:value={() => state.plantId, (id) => state.pickPlant(id)}>
            <option value={0}>Not said: an ordinary leaf is assumed</option>
            {#each state.shelf.plants as plant (plant.id)}<option value={plant.id}>{plant.name}: {plant.toleranceName.toLowerCase()}</option
                >{/each}
        </select>
    </label>
    <label class="grid gap-1">
        <span class="font-bold">Spray</span>
        <select
            class="select w-full"
            data-recipe
            value={state.recipeSlug}
            onchange={(event) => state.pickRecipe(event.currentTarget.value)}
        >
            {#if fits > 0}
                <optgroup label={`Fit ${state.case?.pestName.toLowerCase()}, best first`}>
                    {#each state.offered.slice(0, fits) as recipe (recipe.slug)}<option value={recipe.slug}>{recipe.name}</option>{/each}
                </optgroup>
            {/if}
            <optgroup label={fits > 0 ? 'Others' : 'All sprays'}>
                {#each state.offered.slice(fits) as recipe (recipe.slug)}<option value={recipe.slug}>{recipe.name}</option>{/each}
            </optgroup>
        </select>
    </label>
    <div class="no-print grid grid-cols-3 gap-2">
        <a class="btn px-1" href={`/recipes/write?${state.recipe?.shipped === false ? 'edit' : 'from'}=${state.recipeSlug}`}>Change</a>
        <a class="btn px-1" href={`/recipes/compare?left=${state.recipeSlug}`}>Compare</a>
        <a class="btn px-1" href="/sums">Percent</a>
    </div>
    {#if recipeIsDrench(state.recipe)}
        <label class="grid gap-1">
            <span class="font-bold">Poured on</span>
            <select class="select w-full" data-soil bind:value={state.soil}>
                <option value="">what the recipe is for</option>
                <option value="planted-soil">a pot, or a bed with plants in it</option>
                <option value="empty-bed">an empty bed</option>
            </select>
        </label>
    {/if}
    {#if state.case !== undefined}<a class="link inline-flex min-h-11 items-center" href={`/cases/${state.case.id}/choose`}
            >Why these, and what is at hand</a
        >{/if}
    {#if state.recipe !== undefined}
        <div class="text-base">
            <p>
                <span class="font-bold">{state.recipe.useWords[0]?.toUpperCase()}{state.recipe.useWords.slice(1)}</span
                >{#if state.recipe.forWords.length > 0}; used on {state.recipe.forWords.join(', ').toLowerCase()}{/if}.
            </p>
            {#if state.recipe.document.notes}<p>{state.recipe.document.notes}</p>{/if}
            {#if state.recipe.repeat}<p class="quiet">
                    {[state.recipe.repeat, ...state.recipe.waits].join(' ')} (common practice, no source)
                </p>{/if}
        </div>
    {/if}
</div>
