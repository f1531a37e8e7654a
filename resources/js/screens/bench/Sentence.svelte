<script lang="ts">
    import { onMount } from 'svelte';
    import { arrival } from '../../lib/arrival';
    import { recipeIsDrench, type BenchState } from './bench.svelte';
    import { CUP } from './filling.svelte';

    const { state: bench }: { state: BenchState } = $props();
    const fits = $derived(bench.fitting.length);
    let heading = $state<HTMLElement>();
    onMount(() => arrival.at(heading));

    /** One list for both: a case says which plant, and a plant may be sprayed without a case. */
    const target = $derived(bench.caseId > 0 ? `case-${bench.caseId}` : bench.plantId > 0 ? `plant-${bench.plantId}` : '');

    function aim(value: string): void {
        const [kind, id] = value.split('-');
        if (kind === 'case') {
            bench.pickCase(Number(id));
        } else {
            bench.caseId = 0;
            bench.pickPlant(Number(id ?? 0));
        }
    }
</script>

<h1 bind:this={heading} tabindex="-1" class="text-[1.08rem] leading-none font-normal sm:text-[1.7rem] sm:leading-snug">
    {say('bench/sentence.mix')}
    <select
        class="word"
        data-recipe
        aria-label={say('bench/sentence.spray')}
        value={bench.recipeSlug}
        onchange={(event) => bench.pickRecipe(event.currentTarget.value)}
    >
        {#if fits > 0}
            <optgroup label={say('bench/sentence.fit-best-first', { pestName: bench.case?.pestName.toLowerCase() })}>
                {#each bench.offered.slice(0, fits) as recipe (recipe.slug)}<option value={recipe.slug}>{recipe.name}</option>{/each}
            </optgroup>
        {/if}
        <optgroup label={fits > 0 ? say('bench/sentence.others') : say('bench/sentence.all-sprays')}>
            {#each bench.offered.slice(fits) as recipe (recipe.slug)}<option value={recipe.slug}>{recipe.name}</option>{/each}
        </optgroup>
    </select>
    {say('bench/sentence.for')}
    <select class="word" aria-label={say('bench/sentence.for-2')} value={target} onchange={(event) => aim(event.currentTarget.value)}>
        <option value="">{say('bench/sentence.ordinary-leaf')}</option>
        {#if bench.shelf.cases.length > 0}
            <optgroup label={say('bench/sentence.cases')}>
                {#each bench.shelf.cases as one (one.id)}<option value={`case-${one.id}`}>{one.name}</option>{/each}
            </optgroup>
        {/if}
        {#if bench.shelf.plants.length > 0}
            <optgroup label={say('bench/sentence.plants')}>
                {#each bench.shelf.plants as plant (plant.id)}<option value={`plant-${plant.id}`}>{plant.name}</option>{/each}
            </optgroup>
        {/if}
    </select>{#if recipeIsDrench(bench.recipe)}{say('bench/sentence.poured-on')}
        <select class="word" data-soil aria-label={say('bench/sentence.poured-on-2')} bind:value={bench.soil}>
            <option value="">{say('bench/sentence.what-for')}</option>
            <option value="planted-soil">{say('bench/sentence.planted-pot-or-bed')}</option>
            <option value="empty-bed">{say('bench/sentence.empty-bed')}</option>
        </select>{/if},
    <span class="whitespace-nowrap"
        ><input
            class="word w-[3.6ch] text-center"
            aria-label={say('bench/sentence.make')}
            autocomplete="off"
            data-make
            bind:value={bench.filling.makeText}
            onchange={(event) => void bench.filling.hear(event.currentTarget.value)}
        />
        <select class="word" aria-label={say('bench/sentence.unit')} bind:value={bench.filling.unit}>
            {#each bench.shelf.catalogue.volumeUnits as unit (unit.code)}<option value={unit.code}>{unit.words}</option>{/each}
        </select></span
    >
    {#if bench.shelf.sprayers.length > 0}
        <span class="whitespace-nowrap"
            >{say('bench/sentence.in')}
            <select
                class="word"
                aria-label={say('bench/sentence.sprayer')}
                value={bench.filling.cup ? CUP : bench.filling.sprayerId}
                onchange={(event) => bench.filling.pickVessel(Number(event.currentTarget.value))}
            >
                {#each bench.shelf.sprayers as sprayer (sprayer.id)}<option value={sprayer.id}>{sprayer.name}</option>{/each}
                <option value={0}>{say('bench/sentence.one-go')}</option>
                {#if bench.plant !== undefined}<option value={CUP}>{say('bench/sentence.cup-to-test-leaves')}</option>{/if}
            </select>.</span
        >{/if}
</h1>
