<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import DetailsForm from './DetailsForm.svelte';
    import Remembers from './Remembers.svelte';
    import Strip from './Strip.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        const [{ sprayers }, catalogue] = await Promise.all([taken(api.GET('/api/sprayers')), taken(api.GET('/api/catalogue'))]);
        return { sprayer: sprayers.find((one) => one.id === id) ?? null, catalogue };
    });
    undo.followedBy(page);
</script>

<Waiting of={page}>
    {#snippet children({ sprayer, catalogue })}
        {#if sprayer === null}
            <Empty
                text={say('sprayer/sprayer-screen.there-no-such-sprayer-in')}
                to="/shed"
                action={say('sprayer/sprayer-screen.to-shed')}
            />
        {:else}
            <Head title={sprayer.name}>
                <button class="btn" onclick={() => print()}>{say('sprayer/sprayer-screen.print-strip')}</button>
                <a class="btn" href="/shed">{say('sprayer/sprayer-screen.shed')}</a>
            </Head>
            <div class="grid items-start gap-4 lg:grid-cols-[minmax(0,1.5fr)_minmax(18rem,1fr)]">
                {#key JSON.stringify(sprayer)}<DetailsForm
                        {sprayer}
                        units={catalogue.volumeUnits}
                        shapes={catalogue.shapes}
                        onkept={() => void page.reload()}
                    />{/key}
                <div class="grid gap-4">
                    <Strip {sprayer} />
                    <Remembers {sprayer} onsaid={() => void page.reload()} />
                </div>
            </div>
        {/if}
    {/snippet}
</Waiting>
