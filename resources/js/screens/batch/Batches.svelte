<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { wordsIn } from '../../lib/found';
    import { onShortDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import ReadFiles from '../../parts/ReadFiles.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { keepBatch } from './files';

    import Jar from './Jar.svelte';

    const batches = new Loaded(async () => (await taken(api.GET('/api/batches'))).batches);
    undo.followedBy(batches);
    /** As many as are shown at first. */
    const FEW = 6;
    let many = $state(false);
    let sought = $state('');
</script>

<Head title={say('batch/batches.batches')}><a class="btn btn-primary" href="/bench">{say('batch/batches.mix-spray')}</a></Head>
<Waiting of={batches}>
    {#snippet children(all)}
        {#if all.length === 0}
            <Empty text={say('batch/batches.every-batch-that-you-mix')} to="/bench" action={say('batch/batches.mix-first-one')} />
        {/if}
        {@const found = all.filter((one) => wordsIn(sought, [one.name, one.makeWords, one.case?.name ?? '', one.bottle.words]))}
        {#if all.length > FEW}<label class="mb-3 grid max-w-md gap-1"
                ><span class="font-bold">{say('batch/batches.find')}</span><input
                    class="input w-full"
                    type="search"
                    autocomplete="off"
                    bind:value={sought}
                /></label
            >{/if}
        <ul class="grid gap-x-8 lg:grid-cols-2">
            {#each many ? found : found.slice(0, FEW) as batch (batch.id)}
                <li class="border-base-300 min-w-0 border-b">
                    <a href={`/batches/${batch.id}`} class="flex min-h-14 items-center gap-3 py-1">
                        <Jar bottle={batch.bottle} />
                        <span class="min-w-0 flex-1 leading-tight"
                            ><span class="block truncate font-bold">{batch.name}, {batch.makeWords}</span>
                            <span class="quiet block truncate text-sm"
                                >{batch.bottle.actWords !== ''
                                    ? say('batch/batches.next', { act: batch.bottle.actWords })
                                    : (batch.case?.name ?? '')}</span
                            ></span
                        >
                        <span style:max-width="9rem" class="text-right text-sm leading-tight"
                            ><span class="block font-bold">{batch.bottle.words}</span><span class="quiet block"
                                >{onShortDay(batch.madeAt ?? batch.startedAt)}</span
                            ></span
                        >
                    </a>
                </li>
            {/each}
        </ul>
        {#if found.length === 0 && all.length > 0}<p>{say('batch/batches.none-found')}</p>{/if}
        {#if !many && found.length > FEW}<button class="btn mt-3" onclick={() => (many = true)}
                >{say('batch/batches.all', { many: found.length })}</button
            >{/if}
        <section class="dish no-print mt-6 grid gap-3" aria-label={say('batch/batches.batches-from-another-notebook')}>
            <ReadFiles
                label={say('batch/batches.read-batch-documents-of-another')}
                what={say('batch/batches.a-batch-document')}
                keep={keepBatch}
                onread={() => void batches.reload()}
            />
        </section>
    {/snippet}
</Waiting>
