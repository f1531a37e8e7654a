<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import ReadFiles from '../../parts/ReadFiles.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { keepBatch } from './files';

    const batches = new Loaded(async () => (await taken(api.GET('/api/batches'))).batches);
    undo.followedBy(batches);
</script>

<Head title={say('batch/batches.batches')}><a class="btn btn-primary" href="/bench">{say('batch/batches.mix-spray')}</a></Head>
<Waiting of={batches}>
    {#snippet children(all)}
        {#if all.length === 0}
            <Empty text={say('batch/batches.every-batch-that-you-mix')} to="/bench" action={say('batch/batches.mix-first-one')} />
        {/if}
        <ul class="grid gap-2">
            {#each all as batch (batch.id)}
                <li>
                    <a href={`/batches/${batch.id}`} class="dish hover:border-primary flex flex-wrap items-baseline gap-x-4 gap-y-1">
                        <span class="font-bold">{batch.name}</span>
                        <span>{batch.makeWords}</span>
                        {#if batch.case}<span>{say('batch/batches.for', { name: batch.case.name.toLowerCase() })}</span>{/if}
                        <span class="quiet sm:ml-auto">{atTime(batch.madeAt ?? batch.startedAt)}</span>
                        <span class="font-bold">{batch.bottle.words}</span>
                        {#if batch.bottle.actWords}<span class="w-full">{say('batch/batches.next', { act: batch.bottle.actWords })}</span
                            >{/if}
                        {#if batch.standTest !== 'not-done'}<span class="quiet w-full"
                                >{say('batch/batches.glass', { standTestWords: batch.standTestWords })}</span
                            >{/if}
                    </a>
                </li>
            {/each}
        </ul>
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
