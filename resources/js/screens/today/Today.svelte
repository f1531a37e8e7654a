<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime, fromNow, zone } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    type Task = Schemas['Today']['tasks'][number];
    const today = new Loaded(() => taken(api.GET('/api/today', { params: { query: { zone: zone() } } })));
    undo.followedBy(today);
    const groups = [
        { key: 'overdue', title: 'Overdue' },
        { key: 'today', title: 'For today' },
        { key: 'later', title: 'Coming up' },
    ] as const;

    const places: Record<Task['kind'], (id: number) => string> = {
        'finish-mixing': (id) => `/batches/${id}`,
        discard: (id) => `/batches/${id}`,
        'read-leaf-test': (id) => `/leaf-tests/${id}`,
        'count-after': (id) => `/cases/${id}`,
        'look-over': (id) => `/cases/${id}/choose`,
        'next-round': (id) => `/cases/${id}`,
        'first-round': (id) => `/cases/${id}/choose`,
    };
</script>

<Head title="Today"><a class="btn" href="/look">What is on my plant?</a><a class="btn btn-primary" href="/bench">Mix a spray</a></Head>
<Waiting of={today}>
    {#snippet children(all)}
        {#if all.plants === 0}
            <Empty
                text="This notebook is empty. Start with a plant and a sprayer in the shed; then open a case for the pest on it, and mix a spray."
                to="/shed"
                action="Fill the shed"
            />
        {:else if all.tasks.length === 0}
            <Empty
                text={`Nothing needs doing in the next ${all.horizonDays} days. Open a case when you see a pest.`}
                to="/cases"
                action="Go to the cases"
            />
        {/if}
        {#each groups as group (group.key)}
            {@const tasks = all.tasks.filter((task) => task.urgency === group.key)}
            {#if tasks.length > 0}
                <section class="mb-6" aria-label={group.title}>
                    <h2 class="mb-2">{group.title} <span class="quiet font-normal">({tasks.length})</span></h2>
                    <ul class="grid gap-2">
                        {#each tasks as task (`${task.kind} ${task.ref}`)}
                            <li
                                class={[
                                    'dish flex flex-wrap items-center gap-x-4 gap-y-2 border-l-8',
                                    { overdue: 'border-l-error', today: 'border-l-accent', later: '' }[task.urgency],
                                ]}
                            >
                                <div class="min-w-0">
                                    <p class="text-lg font-bold">{task.text}</p>
                                    <p class="quiet">{atTime(task.dueAt)}, {fromNow(task.dueAt, new Date(all.now))}</p>
                                </div>
                                <a class="btn no-print sm:ml-auto" href={places[task.kind](task.ref)}>{task.do}</a>
                            </li>
                        {/each}
                    </ul>
                </section>
            {/if}
        {/each}
        {#if all.plants > 0}<p class="quiet">
                {all.openCases} open {all.openCases === 1 ? 'case' : 'cases'}; tasks of the next {all.horizonDays} days are shown.
            </p>{/if}
    {/snippet}
</Waiting>
