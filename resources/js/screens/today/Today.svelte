<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import { eachOnce, keyOf } from '../../lib/tasks';
    import { zone } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import AxisHead from '../../row/AxisHead.svelte';
    import GardenBand from './GardenBand.svelte';
    import { linesOf } from './lines';
    import OtherLine from './OtherLine.svelte';
    import PlantLine from './PlantLine.svelte';

    let pages = $state(1);
    /** As many pages as were asked for, put together. */
    const today = new Loaded(async () => {
        let all = await taken(api.GET('/api/today', { params: { query: { zone: zone() } } }));
        for (let page = 1; page < pages && all.next !== null; ++page) {
            const next = await taken(api.GET('/api/today', { params: { query: { zone: zone(), from: all.next } } }));
            all = {
                ...next,
                day: all.day,
                tasks: [...all.tasks, ...next.tasks].toSorted((a, b) => a.dueAt.localeCompare(b.dueAt)),
                rows: [...all.rows, ...next.rows.filter((row) => !all.rows.some((one) => one.plantId === row.plantId))],
            };
        }
        return { ...all, tasks: eachOnce(all.tasks) };
    });
    undo.followedBy(today);
    const seeing = new Sending();
    async function seen(): Promise<void> {
        if ((await seeing.send(() => taken(api.PUT('/api/rejudged', { body: { seen: true } })))) !== null) {
            await today.reload();
        }
    }
    const first = (tasks: Schemas['Task'][]): Schemas['Task'] | undefined =>
        tasks.find((one) => one.slot === 'now') ?? tasks.find((one) => one.slot === 'today');
</script>

<!-- The sentence of the day says it better: it stays for whoever listens. -->
<div class={[today.value?.day && 'sr-only']}><Head title={say('today/today.today')} small help={!today.value?.day} /></div>
<Waiting of={today}>
    {#snippet children(all)}
        {@const main = first(all.tasks)}
        {#if all.day !== null}<GardenBand day={all.day} now={all.now} />{/if}
        {#if all.plants === 0}
            <Empty text={say('today/today.this-notebook-empty-see-what')} to="/look" action={say('today/today.what-on-my-plant')} />
        {:else if main === undefined}
            <p class="my-3 text-xl" data-quiet>{say('today/today.nothing-to-do-today')}</p>
        {/if}
        {#if all.rejudged.length > 0}
            <aside class="dish mb-3" data-rejudged>
                <p class="font-bold">{say('today/today.judged-anew')}</p>
                <ul class="grid gap-1">
                    {#each all.rejudged as one (one)}<li>{one}</li>{/each}
                </ul>
                <FaultNote fault={seeing.fault} />
                <button class="btn mt-2" disabled={seeing.held} onclick={() => void seen()}>{say('today/today.i-have-seen-it')}</button>
            </aside>
        {/if}
        {@const lines = linesOf(all.tasks, all.rows)}
        {#if all.rows[0] !== undefined}<div class="axis"><AxisHead row={all.rows[0]} /></div>{/if}
        <ul aria-label={say('today/today.today')}>
            {#each lines as one (one.key)}
                {#if one.row !== null}
                    <PlantLine row={one.row} tasks={one.tasks} now={new Date(all.now)} {main} onchange={() => void today.reload()} />
                {:else}
                    {#each one.tasks as task (keyOf(task))}<OtherLine
                            {task}
                            now={new Date(all.now)}
                            main={task === main}
                            onchange={() => void today.reload()}
                        />{/each}
                {/if}
            {/each}
        </ul>
        {#if all.next !== null}<button
                class="btn mt-2"
                onclick={() => {
                    ++pages;
                    void today.reload();
                }}>{say('today/today.show-more')}</button
            >{/if}
        <p class="no-print mt-4 flex flex-wrap gap-x-5">
            {#each [{ to: '/look', name: say('today/today.what-on-my-plant') }, { to: '/day', name: say('today/today.when-to-spray') }, { to: '/shelf', name: say('today/today.what-can-i-make') }, { to: '/bench', name: say('today/today.mix-spray') }, ...(all.plants > 0 ? [{ to: '/plants#burnt', name: say('today/today.leaves-look-burnt') }] : [])] as way (way.to)}<a
                    class="link inline-flex min-h-11 items-center"
                    href={way.to}>{way.name}</a
                >{/each}
        </p>
    {/snippet}
</Waiting>

<style>
    /* Above the rows, as wide as they are. */
    @media (min-width: 64rem) {
        .axis {
            margin-left: calc(2.6rem + 14.5rem + 1rem);
            margin-right: calc(18.5rem + 2.75rem + 1rem);
        }
    }
</style>
