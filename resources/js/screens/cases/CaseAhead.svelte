<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Ahead from '../../parts/Ahead.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    const { one }: { one: Schemas['Case'] } = $props();
    const id = untrack(() => one.id);
    const plan = new Loaded(async () => (await taken(api.GET('/api/cases/{id}/ahead', { params: { path: { id } } }))).ahead ?? undefined);
</script>

<Waiting of={plan}>
    {#snippet children(all)}
        {#if all === undefined}<p>{say('cases/case-ahead.plan-begins-with-first-round')}</p>{:else}<Ahead {all} />{/if}
    {/snippet}
</Waiting>
