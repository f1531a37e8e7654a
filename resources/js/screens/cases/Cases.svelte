<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import OpenCaseForm from './OpenCaseForm.svelte';

    const cases = new Loaded(async () => (await taken(api.GET('/api/cases'))).cases);
    undo.followedBy(cases);
    const groups = [
        { title: 'Open', closed: false },
        { title: 'Closed', closed: true },
    ];
    const inGroup = (all: Schemas['CaseBrief'][], closed: boolean): Schemas['CaseBrief'][] =>
        all.filter((one) => (one.closedAt !== null) === closed);
</script>

<Head title="Cases"><a class="btn" href="/look">Find out what it is</a></Head>
<div class="grid gap-6 lg:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
    <div class="order-2 lg:order-1">
        <Waiting of={cases}>
            {#snippet children(all)}
                {#if all.length === 0}
                    <Empty
                        text="A case is one pest on one plant, from first sight to the end. Open one when you see something feeding; its rounds and counts are kept with it."
                    />
                {/if}
                {#each groups as group (group.title)}
                    {@const some = inGroup(all, group.closed)}
                    {#if some.length > 0}
                        <section class="mb-6" aria-label={group.title}>
                            <h2 class="mb-2">{group.title} <span class="quiet font-normal">({some.length})</span></h2>
                            <ul class="grid gap-2">
                                {#each some as one (one.id)}
                                    <li>
                                        <a href={`/cases/${one.id}`} class="dish hover:border-primary grid gap-1">
                                            <span class="flex flex-wrap items-baseline gap-x-3"
                                                ><span class="text-lg font-bold">{one.name}</span>{#if one.plant.place}<span class="quiet"
                                                        >{one.plant.place}</span
                                                    >{/if}</span
                                            >
                                            <span>
                                                Since {onDay(one.openedAt)}{#if one.closedAt}, closed {onDay(one.closedAt)}{/if}; {one.roundCount}
                                                {one.roundCount === 1 ? 'round' : 'rounds'};
                                                {one.latestCount === null ? 'not counted yet' : `last count ${one.latestCount}`}
                                            </span>
                                            {#if one.conclusion}<span class="quiet">{one.conclusion}</span>{/if}
                                        </a>
                                    </li>
                                {/each}
                            </ul>
                        </section>
                    {/if}
                {/each}
            {/snippet}
        </Waiting>
    </div>
    <div class="order-1 lg:order-2"><OpenCaseForm /></div>
</div>
