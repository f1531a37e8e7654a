<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { keyOf } from '../../lib/tasks';
    import { undo } from '../../lib/undo.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import AxisHead from '../../row/AxisHead.svelte';
    import Row from '../../row/Row.svelte';
    import PlantForm from '../shed/PlantForm.svelte';
    import OtherLine from '../today/OtherLine.svelte';
    import GateSays from '../../parts/GateSays.svelte';
    import Bears from './Bears.svelte';
    import BurntLeaves from './BurntLeaves.svelte';
    import HowNow from './HowNow.svelte';
    import OnIt from './OnIt.svelte';
    import Picture from './Picture.svelte';
    import PutAway from './PutAway.svelte';
    import { onDay, onShortDay } from '../../lib/time';

    const id = Number(route.params.id);
    /** Whoever comes for burnt leaves sees that first. */
    const first = location.hash === '#burnt';
    let burnt = $state(first);
    /** Once it was opened, what is typed stays. */
    let changing = $state(false);
    const page = new Loaded(async () => {
        const [plant, catalogue] = await Promise.all([
            taken(api.GET('/api/plants/{id}', { params: { path: { id } } })),
            taken(api.GET('/api/catalogue')),
        ]);
        return { plant, catalogue };
    });
    undo.followedBy(page);
    const again = (): void => void page.reload();
</script>

<Waiting of={page}>
    {#snippet children({ plant: { plant, cases, tests, proven, had, next, pictureAt, standing, row, apart }, catalogue })}
        {#snippet looksBurnt()}
            <details class="dish no-print" id="burnt" bind:open={burnt}>
                <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('plants/plant.leaves-look-burnt')}</summary>
                {#if burnt}<BurntLeaves plantId={plant.id} onsaved={again} />{/if}
            </details>
        {/snippet}
        <Head title={plant.name} />
        <p class="quiet -mt-3 mb-3">
            {[
                plant.kind,
                plant.variety,
                plant.rare ? say('plants/plant.rare') : '',
                plant.toleranceName.toLowerCase(),
                plant.place,
                plant.size,
                plant.inFlower ? say('plants/plant.in-flower') : '',
                plant.harvestOn ? say('plants/plant.picked', { harvestOn: onDay(plant.harvestOn) }) : '',
            ]
                .filter(Boolean)
                .join(', ')}
        </p>
        {#if apart !== null}<p class="mb-3">
                {say('plants/plant.stands-apart')}
                <a class="link inline-flex min-h-11 items-center" href={`/courses/${apart.id}`}>{apart.name}</a>
            </p>{/if}
        <div class="mb-4"><AxisHead {row} /><Row {row} height={96} /></div>
        <div class="grid items-start gap-6 lg:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
            <div class="grid gap-6">
                {#if first}{@render looksBurnt()}{/if}
                {#if next.length > 0}<section class="dish" aria-label={say('plants/plant.what-comes-next')}>
                        <h2>{say('plants/plant.what-comes-next')}</h2>
                        <ul>
                            {#each next as task, i (keyOf(task))}<OtherLine
                                    {task}
                                    now={new Date()}
                                    main={i === 0}
                                    onchange={again}
                                />{/each}
                        </ul>
                    </section>{/if}
                {#if standing.length > 0}<section class="dish" aria-label={say('plants/plant.what-stands-mixed')}>
                        <h2>{say('plants/plant.what-stands-mixed')}</h2>
                        <ul class="mt-2 grid gap-3">
                            {#each standing as one (one.batch.id)}<li>
                                    <a class="link font-bold" href={`/batches/${one.batch.id}`}>{one.batch.name}</a>
                                    <GateSays gate={one.gate} />
                                </li>{/each}
                        </ul>
                    </section>{/if}
                {#if !first}{@render looksBurnt()}{/if}
                <HowNow {plant} onchange={again} />
                <OnIt {plant} {cases} pests={catalogue.pests} />
                <section class="dish" aria-label={say('plants/plant.what-had')}>
                    <h2>{say('plants/plant.what-had')}</h2>
                    {#if had.length === 0}<p class="quiet">{say('plants/plant.nothing-was-sprayed-on-yet')}</p>{/if}
                    <ol>
                        {#each had as one, i (i)}<li class="border-base-300 flex gap-x-3 border-b py-1">
                                <span class="flex min-w-0 flex-1 flex-wrap gap-x-3">
                                    <span class="quiet w-20">{onShortDay(one.sprayedAt)}</span>
                                    {#if one.batch}<a class="link font-bold" href={`/batches/${one.batch.id}`}>{one.name}</a>{:else}<strong
                                            >{one.name}</strong
                                        >{/if}
                                    <span class="quiet">{one.strength.join(', ')}</span>
                                </span>
                                {#if one.batch}<a
                                        class="link no-print"
                                        href={`/bench?again=${one.batch.id}`}
                                        aria-label={say('plants/plant.same-again', {
                                            name: one.name,
                                            sprayedAt: onShortDay(one.sprayedAt),
                                        })}>{say('plants/plant.again')}</a
                                    >{/if}
                            </li>{/each}
                    </ol>
                </section>
            </div>
            <div class="grid gap-6">
                <Picture {plant} {pictureAt} onchange={again} />
                <Bears {tests} {proven} {plant} />
                <details class="no-print" data-details ontoggle={() => (changing = true)}>
                    <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('plants/plant.change-or-put-away')}</summary>
                    {#if changing}{#key JSON.stringify(plant)}<PlantForm
                                {plant}
                                tolerance={catalogue.tolerance}
                                onadded={again}
                            />{/key}{/if}
                    <PutAway {plant} onchange={again} />
                </details>
            </div>
        </div>
    {/snippet}
</Waiting>
