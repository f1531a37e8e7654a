<script lang="ts">
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import BenchTop from './BenchTop.svelte';
    import { BenchState } from './bench.svelte';
    import { fetchShelf } from './shelf';

    const shelf = new Loaded(async () => new BenchState(await fetchShelf(), new URLSearchParams(location.search)));
</script>

<Head title="Bench"><a class="btn" href="/batches">Earlier batches</a></Head>
<Waiting of={shelf}>
    {#snippet children(state)}
        {#if state.shelf.sprayers.length === 0}
            <Empty
                text="The bench needs a sprayer to fill: say what yours is called and how much it holds. Spoons can wait; until you name your own, a US kitchen set is assumed."
                to="/shed"
                action="Add a sprayer"
            />
        {/if}
        <BenchTop {state} />
    {/snippet}
</Waiting>
