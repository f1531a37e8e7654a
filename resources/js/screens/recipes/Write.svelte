<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { Household } from '../../lib/household.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { Composing, fetchPattern } from './composing.svelte';
    import WriteForm from './WriteForm.svelte';

    const loaded = new Loaded(async () => {
        const [pattern, household, catalogue] = await Promise.all([
            fetchPattern(new URLSearchParams(location.search)),
            Household.fetch(),
            taken(api.GET('/api/catalogue')),
        ]);
        return { composing: new Composing(pattern), household, catalogue };
    });
</script>

<Head title={say('recipes/write.write-recipe')}><a class="btn" href="/shed">{say('recipes/write.all-recipes')}</a></Head>
<Waiting of={loaded}>
    {#snippet children({ composing, catalogue, household })}<WriteForm
            {composing}
            {household}
            orders={catalogue.orders}
            pests={catalogue.pests}
        />{/snippet}
</Waiting>
