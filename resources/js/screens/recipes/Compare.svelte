<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import Comparing from './Comparing.svelte';

    const loaded = new Loaded(async () => {
        const [{ recipes }, catalogue] = await Promise.all([taken(api.GET('/api/recipes')), taken(api.GET('/api/catalogue'))]);
        return { recipes, catalogue };
    });
</script>

<Head title={say('recipes/compare.compare-two-recipes')}><a class="btn" href="/shed">{say('recipes/compare.all-recipes')}</a></Head>
<Waiting of={loaded}>
    {#snippet children({ recipes, catalogue })}<Comparing {recipes} units={catalogue.volumeUnits} />{/snippet}
</Waiting>
