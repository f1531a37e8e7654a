<script lang="ts">
    import { tick } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { byPest, type Row, type Untried } from './figures';
    import LogBook from './LogBook.svelte';
    import Matrix from './Matrix.svelte';
    import NextTrial from './NextTrial.svelte';
    import RecordRow from './RecordRow.svelte';

    let pages = $state(1);
    /** Pages that were asked for so far, put together. */
    const worked = new Loaded(async () => {
        const records: Row[] = [];
        const untried: Untried[] = [];
        let more = false;
        let inShort = '';
        let waited: Schemas['Worked']['waited'] = [];
        for (let page = 0; page < pages; ++page) {
            const answer = await taken(api.GET('/api/worked', records.length === 0 ? {} : { params: { query: { from: records.length } } }));
            records.push(...answer.records);
            untried.push(...answer.untried.filter((one) => !untried.some((had) => had.pest === one.pest && had.family === one.family)));
            more = answer.more;
            inShort = answer.inShort;
            waited = answer.waited;
        }
        return { groups: byPest(records, untried), more, inShort, waited };
    });
    undo.followedBy(worked);
    /** Pests whose sprays are shown; the first one by itself, and all of them on paper. */
    let shown = $state<Record<string, boolean>>({});
    let paper = $state(false);
    const wide = matchMedia('(min-width: 48rem)');
    const isOpen = (pest: string, i: number): boolean => paper || (shown[pest] ?? (i === 0 && wide.matches));

    async function show(pest: string): Promise<void> {
        shown[pest] = true;
        await tick();
        document.getElementById(pest)?.scrollIntoView();
    }
</script>

<svelte:window onbeforeprint={() => (paper = true)} onafterprint={() => (paper = false)} />
<Head title={say('worked/worked.what-worked')}><a class="btn" href="/trials">{say('worked/worked.trials')}</a></Head>
<Waiting of={worked}>
    {#snippet children(all)}
        {#if all.waited.length > 0}<ul class="mb-3 grid gap-1" data-waited>
                {#each all.waited as one (one.pest)}<li><strong>{one.pestName}:</strong> {one.words}</li>{/each}
            </ul>{/if}
        {#if all.groups.length === 0}
            <Empty text={say('worked/worked.nothing-was-sprayed-yet-count')} to="/plants" action={say('worked/worked.go-to-plants')} />
        {:else}
            <p class="mb-3 text-xl leading-tight" data-in-short>{all.inShort}</p>
            <Matrix groups={all.groups} onshow={(pest) => void show(pest)} />
            {#each all.groups as group, i (group.pest)}
                <section class="dish mt-5" aria-label={group.name} id={group.pest}>
                    <details open={isOpen(group.pest, i)} ontoggle={(event) => (shown[group.pest] = event.currentTarget.open)}>
                        <summary class="min-h-11 cursor-pointer py-1"><h2 class="inline">{group.name}</h2></summary>
                        <table class="records w-full text-left">
                            <thead>
                                <tr>
                                    <th scope="col">{say('worked/worked.best-first')}</th><th scope="col">{say('worked/worked.verdict')}</th
                                    ><th scope="col">{say('worked/worked.left-alive')}</th><th scope="col">{say('worked/worked.worked')}</th
                                    ><th scope="col"><span class="sr-only">{say('worked/worked.what-took-and-why')}</span></th>
                                </tr>
                            </thead>
                            <tbody>
                                {#each group.rows as row, at (at)}<RecordRow {row} />{/each}
                            </tbody>
                        </table>
                        {#if group.untried.length > 0}<p class="quiet mt-2 text-sm" data-untried>
                                {say('worked/worked.never-tried-here', {
                                    untried: group.untried
                                        .map((one) =>
                                            say('worked/worked.expected', { family: one.family, expectedPercent: one.expectedPercent }),
                                        )
                                        .join(', '),
                                })}
                            </p>{/if}
                        <div class="no-print mt-2"><NextTrial pest={group.pest} /></div>
                    </details>
                </section>
            {/each}
            {#if all.more}<p class="mt-4">
                    <button
                        class="btn"
                        onclick={() => {
                            ++pages;
                            void worked.reload();
                        }}>{say('worked/worked.show-more')}</button
                    >
                </p>{/if}
        {/if}
        <details class="no-print border-base-300 mt-6 border-b">
            <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('worked/worked.book-out-and-in')}</summary>
            <LogBook ontaken={() => void worked.reload()} />
        </details>
    {/snippet}
</Waiting>

<style>
    .records {
        table-layout: fixed;
        border-collapse: collapse;
    }
    .records :global(th),
    .records :global(td) {
        padding: 0.4rem 0.75rem 0.4rem 0;
        vertical-align: top;
    }
    .records :global(tbody tr) {
        border-top: 1px solid var(--color-base-300);
    }
    .records th:nth-child(1) {
        width: 30%;
    }
    .records th:nth-child(2) {
        width: 15%;
    }
    .records th:nth-child(3) {
        width: 26%;
    }
    .records th:nth-child(4) {
        width: 9%;
    }
    @media (max-width: 47rem) {
        .records thead {
            position: absolute;
            clip-path: inset(50%);
            width: 1px;
            height: 1px;
            overflow: hidden;
        }
        .records,
        .records tbody,
        .records :global(tr),
        .records :global(td),
        .records :global(tr > th) {
            display: block;
            width: auto;
        }
        .records :global(td),
        .records :global(tr > th) {
            padding: 0.15rem 0;
        }
        .records :global(tr) {
            padding: 0.6rem 0;
        }
    }
</style>
