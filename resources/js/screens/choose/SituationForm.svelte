<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import Choice from '../../parts/Choice.svelte';
    import type { Choosing } from './choosing.svelte';

    interface Props {
        choosing: Choosing;
        ingredients: Schemas['Catalogue']['ingredients'];
        stages: string[];
        /** What it does to a plant, in a sentence. */
        matters: string;
    }
    const { choosing, ingredients, stages, matters }: Props = $props();
    const flags = [
        { key: 'inBloom', words: 'In open flower' },
        { key: 'dryAtRoot', words: 'Dry at the root' },
        { key: 'seedling', words: 'A seedling' },
        { key: 'wounded', words: 'Grazed or wounded leaves' },
        { key: 'eatenSoon', words: 'Eaten within two weeks' },
        { key: 'bearsNoOil', words: 'Of a kind that bears no oil: maple, walnut, hickory, blue conifer, fern' },
        { key: 'soapSensitive', words: 'Of a kind that soap marks' },
        { key: 'sulfurLately', words: 'Sulfur on it within the last four weeks' },
        { key: 'copperLately', words: 'Copper on it within the last two weeks' },
        { key: 'oilLately', words: 'Oil on it within the last week' },
        { key: 'indoors', words: 'Stands indoors' },
        { key: 'cats', words: 'A cat comes near it' },
    ] as const;
    const severities = [
        { value: 'light', label: 'Light', note: 'a few' },
        { value: 'moderate', label: 'Moderate', note: 'easily found' },
        { value: 'heavy', label: 'Heavy', note: 'everywhere' },
    ] as const;

    $effect(() => choosing.ask(choosing.situation));
</script>

<section class="dish grid gap-3" aria-label="How it stands">
    <h2>How it stands</h2>
    <p class="quiet">{matters}</p>
    <Choice legend="How bad is it" name="severity" options={[...severities]} bind:value={choosing.situation.severity} />
    {#if stages.length > 1}
        <Choice
            legend="Which stage"
            name="stage"
            options={stages.map((stage) => ({ value: stage, label: stage }))}
            bind:value={choosing.situation.stage}
        />
    {/if}
    <details>
        <summary class="min-h-11 cursor-pointer py-2"
            ><span class="font-bold">The plant and its place:</span>
            {flags
                .filter((flag) => choosing.situation[flag.key])
                .map((flag) => flag.words.toLowerCase())
                .join(', ') || 'nothing special'}</summary
        >
        {#each flags as flag (flag.key)}
            <label class="flex min-h-11 items-center gap-3"
                ><input type="checkbox" class="checkbox checkbox-primary" bind:checked={choosing.situation[flag.key]} /> {flag.words}</label
            >
        {/each}
    </details>
    <details>
        <summary class="min-h-11 cursor-pointer py-2"
            ><span class="font-bold">In the cupboard:</span>
            {choosing.cupboardSaid ? `${choosing.situation.cupboard?.length} of ${ingredients.length}` : 'nobody said'}</summary
        >
        <div class="grid gap-1 sm:grid-cols-2">
            {#each ingredients as ingredient (ingredient.slug)}
                <label class="flex min-h-11 items-center gap-3"
                    ><input
                        type="checkbox"
                        class="checkbox checkbox-primary"
                        checked={choosing.has(ingredient.slug)}
                        onchange={(event) => choosing.put(ingredient.slug, event.currentTarget.checked)}
                    />
                    {ingredient.name}</label
                >
            {/each}
        </div>
    </details>
</section>
