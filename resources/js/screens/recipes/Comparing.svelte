<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Fault } from '../../lib/fault';
    import { typedNumber } from '../../lib/figures';
    import { Latest } from '../../lib/latest.svelte';
    import AmountField from '../../parts/AmountField.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import StrengthBars from './StrengthBars.svelte';

    const { recipes, units }: { recipes: Schemas['Recipe'][]; units: Schemas['Catalogue']['volumeUnits'] } = $props();
    const query = new URLSearchParams(location.search);
    const named = (key: string, at: number): string => recipes.find((one) => one.slug === query.get(key))?.slug ?? recipes[at]?.slug ?? '';
    let left = $state(named('left', 0));
    let right = $state(named('right', 1));
    let amount = $state('1');
    let unit = $state<Schemas['Amount']['unit']>('[qt_us]');
    const compared = new Latest<Schemas['Compared']>();
    const sides = $derived([
        { legend: 'First', get: () => left, set: (slug: string) => (left = slug) },
        { legend: 'Second', get: () => right, set: (slug: string) => (right = slug) },
    ]);

    /** A shipped recipe goes by its name, one's own as a document. */
    function sent(slug: string): string | Schemas['RecipeDocument'] {
        const recipe = recipes.find((one) => one.slug === slug);
        return recipe === undefined || recipe.shipped ? slug : recipe.document;
    }

    $effect(() => {
        const body = { recipes: [sent(left), sent(right)] as never, make: { amount: typedNumber(amount), unit } };
        history.replaceState(history.state, '', `/recipes/compare?left=${left}&right=${right}`);
        if (Number.isNaN(body.make.amount)) {
            compared.drop(new Fault('', say('recipes/comparing.write-volume-as-number-like')));
        } else {
            void compared.ask(() => taken(api.POST('/api/compare', { body })));
        }
    });
</script>

<div class="mb-4 grid gap-3 md:grid-cols-[1fr_1fr_auto_auto]">
    {#each sides as side (side.legend)}
        <label class="grid gap-1"
            ><span class="font-bold">{side.legend}</span><select class="select w-full" bind:value={side.get, side.set}
                >{#each recipes as recipe (recipe.slug)}<option value={recipe.slug}>{recipe.name}</option>{/each}</select
            ></label
        >
    {/each}
    <div class="md:col-span-2"><AmountField label={say('recipes/comparing.each-made-to')} {units} bind:amount bind:unit /></div>
</div>
<FaultNote fault={compared.fault} />
{#if compared.value !== null && compared.fault === null}
    {@const both = compared.value}
    <div class="grid gap-4 lg:grid-cols-2" data-compared>
        <section class="dish lg:col-span-2" aria-label={say('recipes/comparing.strength')}>
            <div class="mb-4"><Verdicts verdicts={both.verdicts} /></div>
            <StrengthBars {both} />
        </section>
        <section class="dish lg:col-span-2" aria-label={say('recipes/comparing.what-goes-in')}>
            <h2>{say('recipes/comparing.what-goes-into', { make: both.make })}</h2>
            <table class="compared table">
                <thead
                    ><tr
                        ><th scope="col">{say('recipes/comparing.ingredient')}</th>{#each both.recipes as recipe, i (i)}<th scope="col"
                                >{recipe.name}</th
                            >{/each}</tr
                    ></thead
                >
                <tbody>
                    {#each both.ingredients as row (row.name)}
                        <tr><th scope="row">{row.name}</th><td>{row.first}</td><td>{row.second}</td></tr>
                    {/each}
                    {#each both.strengths as row (row.what)}
                        <tr
                            ><th scope="row">{row.name}</th><td class="numeral">{row.firstWords}</td><td class="numeral"
                                >{row.secondWords}</td
                            ></tr
                        >
                    {/each}
                </tbody>
            </table>
        </section>
        {#each both.recipes as recipe, i (i)}
            <section class="dish" aria-label={recipe.name}>
                <h2>{recipe.name}</h2>
                <p class="quiet mb-3">{recipe.useWords[0]?.toUpperCase()}{recipe.useWords.slice(1)}. {recipe.notes}</p>
                <Verdicts verdicts={recipe.verdicts} />
                {#if recipe.useWords !== 'stock'}<a class="btn mt-3" href={`/bench?recipe=${recipe.slug}`}
                        >{say('recipes/comparing.mix-this-one')}</a
                    >{/if}
            </section>
        {/each}
    </div>
{/if}

<style>
    .compared :is(td, th) {
        padding-inline: 0.5rem;
    }
    .compared th {
        overflow-wrap: break-word;
        white-space: normal;
    }
</style>
