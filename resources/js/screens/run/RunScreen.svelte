<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { outbox } from '../../offline/here';
    import { route } from '../../routes';
    import Walk from './Walk.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        // Taps that wait on this device are shown with the first of it.
        await outbox.ready;
        return taken(api.GET('/api/runs/{id}', { params: { path: { id } } }));
    });
</script>

<Waiting of={page}>
    {#snippet children(run)}<Walk {run} />{/snippet}
</Waiting>
