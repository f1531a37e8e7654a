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
    import TaskRow from './TaskRow.svelte';

    let pages = $state(1);
    /** As many pages as were asked for, put together. */
    const today = new Loaded(async () => {
        let all = await taken(api.GET('/api/today', { params: { query: { zone: zone() } } }));
        for (let page = 1; page < pages && all.next !== null; ++page) {
            const next = await taken(api.GET('/api/today', { params: { query: { zone: zone(), from: all.next } } }));
            all = { ...next, tasks: [...all.tasks, ...next.tasks].toSorted((a, b) => a.dueAt.localeCompare(b.dueAt)) };
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
    const slots = [
        { key: 'now', title: say('today/today.now') },
        { key: 'today', title: say('today/today.later-today') },
        { key: 'week', title: say('today/today.this-week') },
        { key: 'after', title: say('today/today.after-that') },
    ] as const;
</script>

<Head title={say('today/today.today')}
    ><a class="btn" href="/look">{say('today/today.what-on-my-plant')}</a><a class="btn" href="/day">{say('today/today.when-to-spray')}</a
    ><a class="btn" href="/shelf">{say('today/today.what-can-i-make')}</a><a class="btn" href="/bench">{say('today/today.mix-spray')}</a
    ></Head
>
<Waiting of={today}>
    {#snippet children(all)}
        {#if all.plants === 0}
            <Empty text={say('today/today.this-notebook-empty-see-what')} to="/look" action={say('today/today.what-on-my-plant')} />
        {:else if !all.tasks.some((task) => task.slot === 'now' || task.slot === 'today')}
            <p class="my-6 text-xl" data-quiet>{say('today/today.nothing-to-do-today')}</p>
        {/if}
        {#if all.rejudged.length > 0}
            <aside class="dish mb-6" data-rejudged>
                <p class="font-bold">{say('today/today.judged-anew')}</p>
                <ul class="grid gap-1">
                    {#each all.rejudged as one (one)}<li>{one}</li>{/each}
                </ul>
                <FaultNote fault={seeing.fault} />
                <button class="btn mt-2" disabled={seeing.held} onclick={() => void seen()}>{say('today/today.i-have-seen-it')}</button>
            </aside>
        {/if}
        {#each slots as slot (slot.key)}
            {@const tasks = all.tasks.filter((task) => task.slot === slot.key)}
            {#if tasks.length > 0}
                <section class="mb-6" aria-label={slot.title}>
                    <h2>{slot.title}</h2>
                    <ul>
                        {#each tasks as task (keyOf(task))}<TaskRow
                                {task}
                                now={new Date(all.now)}
                                main={task === first(all.tasks)}
                                onchange={() => void today.reload()}
                            />{/each}
                    </ul>
                </section>
            {/if}
        {/each}
        {#if all.next !== null}<button
                class="btn"
                onclick={() => {
                    ++pages;
                    void today.reload();
                }}>{say('today/today.show-more')}</button
            >{/if}
        {#if all.plants > 0}<p class="mt-6">
                <a class="link inline-flex min-h-11 items-center" href="/plants#burnt">{say('today/today.leaves-look-burnt')}</a>
            </p>{/if}
    {/snippet}
</Waiting>
