<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Household } from '../../lib/household.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import SumsTop from './SumsTop.svelte';

    const loaded = new Loaded(async () => {
        const [household, { volumeUnits }] = await Promise.all([Household.fetch(), taken(api.GET('/api/catalogue'))]);
        return { household, units: volumeUnits };
    });
</script>

<Head title={say('sums/sums.percent-and-parts')}><a class="btn" href="/bench">{say('sums/sums.bench')}</a></Head>
<Waiting of={loaded}>{#snippet children({ household, units })}<SumsTop {household} {units} />{/snippet}</Waiting>
