<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import PlantTaps from '../courses/PlantTaps.svelte';

    const { onsaved }: { onsaved: (made: Schemas['Trial']) => void } = $props();
    const asked = new URLSearchParams(location.search);
    /** In the place of a recipe: nothing is sprayed on that side. */
    const ALONE = '-';
    const form = untrack(
        () =>
            new Form('new-trial', {
                name: '',
                pest: asked.get('pest') ?? 'aphids',
                one: asked.get('one') ?? '',
                other: asked.get('other') ?? '',
                oneRecipe: '',
                otherRecipe: asked.get('other') === null ? ALONE : '',
                unit: 'leaf',
                units: asked.get('units') ?? '20',
                blind: false,
            }),
    );
    const page = new Loaded(async () => {
        const [catalogue, recipes, plants] = await Promise.all([
            taken(api.GET('/api/catalogue')),
            taken(api.GET('/api/recipes')),
            taken(api.GET('/api/plants')),
        ]);
        const all = recipes.recipes.filter((one) => one.use !== 'stock');
        // What is proposed by the name of a recipe is that recipe.
        form.values.oneRecipe ||= all.find((one) => one.name === form.values.one)?.slug ?? '';
        form.values.otherRecipe ||= all.find((one) => one.name === form.values.other)?.slug ?? '';
        return { pests: catalogue.pests, recipes: all, plants: plants.plants };
    });
    let chosen = $state<number[]>([]);
    const isOfPlants = $derived(form.values.unit === 'plant');

    async function save(event?: SubmitEvent): Promise<void> {
        event?.preventDefault();
        const { name, pest, one, other, oneRecipe, otherRecipe, units, blind } = form.values;
        const made = await form.send((submission) =>
            taken(
                api.POST('/api/trials', {
                    body: {
                        submission,
                        ...(name.trim() === '' ? {} : { name }),
                        pest,
                        ...(oneRecipe === '' ? { one } : {}),
                        ...(otherRecipe === '' ? { other } : {}),
                        oneRecipe: oneRecipe || null,
                        otherRecipe: otherRecipe === ALONE ? null : otherRecipe || null,
                        otherAlone: otherRecipe === ALONE,
                        plantIds: [...chosen],
                        unit: isOfPlants ? 'plant' : 'leaf',
                        ...(isOfPlants ? {} : { units: Number(units) }),
                        blind,
                    },
                }),
            ),
        );
        if (made !== null) {
            undo.made('trials', made, say('trials/new-trial.trial', { name: made.name }));
            form.clear();
            onsaved(made);
        }
    }
</script>

<Waiting of={page}>
    {#snippet children({ pests, recipes, plants })}
        <form class="grid max-w-2xl gap-3 sm:grid-cols-2" onsubmit={save} data-new-trial>
            {@render side('one', say('trials/new-trial.one-side'), recipes, false)}
            {@render side('other', say('trials/new-trial.other-side'), recipes, true)}
            <label class="grid gap-1"
                ><span>{say('trials/new-trial.against-2')}</span><select name="pest" class="select w-full" bind:value={form.values.pest}>
                    {#each pests as pest (pest.slug)}<option value={pest.slug}>{pest.name}</option>{/each}
                </select></label
            >
            <label class="grid gap-1"
                ><span>{say('trials/new-trial.what-marked')}</span><select name="unit" class="select w-full" bind:value={form.values.unit}
                    ><option value="leaf">{say('trials/new-trial.leaves-or-tips')}</option><option value="plant"
                        >{say('trials/new-trial.whole-plants')}</option
                    ></select
                ></label
            >
            {#if !isOfPlants}<label class="grid gap-1"
                    ><span>{say('trials/new-trial.how-many-both-sides-together')}</span><input
                        name="units"
                        class="input numeral w-full"
                        type="number"
                        min="6"
                        max="100"
                        required
                        bind:value={form.values.units}
                    /></label
                >{/if}
            <label class="grid gap-1"
                ><span>{say('trials/new-trial.name-if-needs-one')}</span><input
                    name="name"
                    autocomplete="off"
                    class="input w-full"
                    maxlength="200"
                    bind:value={form.values.name}
                /></label
            >
            <div class="sm:col-span-2">
                <PlantTaps {plants} bind:chosen />
                <p class="quiet text-sm">
                    {isOfPlants ? say('trials/new-trial.six-or-more', { chosen: chosen.length }) : say('trials/new-trial.that-bear-leaves')}
                </p>
            </div>
            <label class="flex min-h-11 items-center gap-3 sm:col-span-2"
                ><input name="blind" type="checkbox" class="checkbox checkbox-primary" bind:checked={form.values.blind} />
                {say('trials/new-trial.who-counts-not-told-which')}</label
            >
            <div class="sm:col-span-2">
                <FormFoot {form} send={() => void save()} />
                <button class="btn btn-primary" disabled={form.held || chosen.length === 0}>{say('trials/new-trial.draw-lots')}</button>
            </div>
        </form>
    {/snippet}
</Waiting>

{#snippet side(key: 'one' | 'other', label: string, recipes: { slug: string; name: string }[], alone: boolean)}
    <div class="grid content-start gap-1">
        <label class="grid gap-1"
            ><span>{label}</span><select name={`${key}Recipe`} class="select w-full" bind:value={form.values[`${key}Recipe`]}>
                {#if alone}<option value={ALONE}>{say('trials/new-trial.nothing')}</option>{/if}
                <option value="">{say('trials/new-trial.something-bought')}</option>
                {#each recipes as one (one.slug)}<option value={one.slug}>{one.name}</option>{/each}
            </select></label
        >
        {#if form.values[`${key}Recipe`] === ''}<label class="grid gap-1"
                ><span>{say('trials/new-trial.what-it-is-called')}</span><input
                    name={key}
                    class="input w-full"
                    required
                    maxlength="200"
                    bind:value={form.values[key]}
                /></label
            >{/if}
    </div>
{/snippet}
