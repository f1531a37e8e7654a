<script lang="ts">
    import Waiting from '../../parts/Waiting.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import BenchTop from './BenchTop.svelte';
    import { BenchState } from './bench.svelte';
    import { fetchShelf } from './shelf';

    const from = new URLSearchParams(location.search);
    const shelf = new Loaded(async () => new BenchState(await fetchShelf(from), from));
</script>

<svelte:head><title>{say('bench/bench.bench-idle-mixer')}</title></svelte:head>
<Waiting of={shelf}>
    {#snippet children(state)}<BenchTop {state} />{/snippet}
</Waiting>
