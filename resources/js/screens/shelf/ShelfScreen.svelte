<script lang="ts">
    import { openCases } from '../../lib/cases';
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AddBottle from './AddBottle.svelte';
    import BottleRow from './BottleRow.svelte';
    import Costs from './Costs.svelte';
    import Made from './Made.svelte';
    import ToBuy from './ToBuy.svelte';

    let caseId = $state(Number(new URLSearchParams(location.search).get('case') ?? 0) || 0);
    /** Who comes with bottles on the shelf comes for the answer; who fills it first is not moved away from it. */
    let answersFirst = $state<boolean | null>(null);
    const page = new Loaded(async () => {
        const [shelf, catalogue, cases, made] = await Promise.all([
            taken(api.GET('/api/shelf')),
            taken(api.GET('/api/catalogue')),
            openCases(),
            taken(api.GET('/api/shelf/made', { params: { query: caseId > 0 ? { case: caseId } : {} } })),
        ]);
        answersFirst ??= shelf.bottles.length > 0;
        return { bottles: shelf.bottles, ingredients: catalogue.ingredients, units: catalogue.volumeUnits, cases, made };
    });
    undo.followedBy(page);
    const reload = (): void => void page.reload();
</script>

<Head title={say('shelf/shelf-screen.what-can-i-make')} />
<Waiting of={page}>
    {#snippet children({ bottles, ingredients, units, cases, made })}
        <p class="no-print mb-4 max-w-prose">{say('shelf/shelf-screen.what-it-is')}</p>
        <div class="grid items-start gap-6 lg:grid-cols-2">
            <section class="no-print grid gap-3" aria-label={say('shelf/shelf-screen.in-the-house')}>
                <h2>{say('shelf/shelf-screen.in-the-house')}</h2>
                {#if bottles.length > 0}<ul>
                        {#each bottles as bottle (bottle.id)}<BottleRow
                                {bottle}
                                {units}
                                powder={ingredients.find((one) => one.slug === bottle.ingredient)?.powder ?? false}
                                alcohol={ingredients.find((one) => one.slug === bottle.ingredient)?.hasStrength ?? false}
                                onchange={reload}
                            />{/each}
                    </ul>{/if}
                <AddBottle {ingredients} {bottles} onadded={reload} />
                {#if bottles.length > 0 && answersFirst === false}<p
                        class="bg-base-100 sticky bottom-14 border-t py-1 lg:hidden"
                        role="status"
                        data-how-many
                    >
                        <a class="link inline-flex min-h-11 items-center" href="#made"
                            >{say('shelf/shelf-screen.how-many', { sprays: made.sprays.length })}</a
                        >
                    </p>{/if}
            </section>
            <div id="made" class={answersFirst === true ? 'order-first grid gap-3 lg:order-none' : 'grid gap-3'}>
                {#if cases.length > 0}<label class="no-print grid gap-1"
                        ><span class="font-bold">{say('shelf/shelf-screen.against')}</span><select
                            class="select w-full"
                            bind:value={caseId}
                            onchange={reload}
                        >
                            <option value={0}>{say('shelf/shelf-screen.whatever')}</option>
                            {#each cases as one (one.id)}<option value={one.id}
                                    >{say('shelf/shelf-screen.on', { pest: one.pestName, plant: one.plant.name })}</option
                                >{/each}
                        </select></label
                    >{/if}
                <Made {made} {caseId} />
                <ToBuy />
                <Costs />
            </div>
        </div>
    {/snippet}
</Waiting>
