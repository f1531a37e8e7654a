<script lang="ts">
    import { isMixed } from '../../lib/bottle';
    import { api, taken, type Schemas } from '../../lib/client';
    import { line } from '../../lib/line.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import { outbox } from '../../offline/here';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { navigate, route } from '../../routes';
    import { spoonsAbout } from './slip.svelte';
    import MadeBatch from './MadeBatch.svelte';
    import Mixing from './Mixing.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        // Ticks that wait on this device are shown with the first of it.
        await outbox.ready;
        const [batch, { measures }, catalogue] = await Promise.all([
            taken(api.GET('/api/batches/{id}', { params: { path: { id } } })),
            taken(api.GET('/api/measures')),
            taken(api.GET('/api/catalogue')),
        ]);
        line.names.set(`batches/${batch.key}`, batch.case === null ? batch.name : `${batch.name}, ${batch.case.name}`);
        return { batch, measures, catalogue };
    });

    const finished = $derived(
        page.value !== null && outbox.of(`batches/${page.value.batch.key}`).some((one) => one.path.endsWith('/finish')),
    );

    undo.followedBy(page);

    function replace(batch: Schemas['Batch']): void {
        // A load that was mixed on a walk goes on there.
        if (batch.bottle.act === 'go-on-spraying' && page.value !== null && !isMixed(page.value.batch.bottle)) {
            void navigate('/runs/:id', { params: { id: String(batch.bottle.ref) } });
            return;
        }
        if (page.value !== null) {
            page.value = { ...page.value, batch };
        }
        scrollTo({ top: 0 });
    }
</script>

<Waiting of={page}>
    {#snippet children({ batch, catalogue, measures })}
        {#if !isMixed(batch.bottle) && finished}
            <Head title={batch.name}><a class="btn" href="/batches">{say('batch/batch.all-batches')}</a></Head>
            <p class="dish" data-finished-here>
                <strong>{say('batch/batch.finished-on-this-device')}</strong>
                {say('batch/batch.saved-once-machine-that-serves')}
            </p>
        {:else if !isMixed(batch.bottle)}
            <Mixing {batch} {catalogue} spoons={spoonsAbout(measures)} onfinished={replace} />
        {:else}
            <Head title={batch.name}>
                {#if batch.case}<a class="btn" href={`/cases/${batch.case.id}`}>{batch.case.name}</a>{/if}
                <a class="btn" href="/batches">{say('batch/batch.all-batches')}</a>
            </Head>
            <MadeBatch {batch} {catalogue} onchange={replace} />
        {/if}
    {/snippet}
</Waiting>
