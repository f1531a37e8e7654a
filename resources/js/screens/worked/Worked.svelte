<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { undo } from '../../lib/undo.svelte';
    import Empty from '../../parts/Empty.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import RecordRow from './RecordRow.svelte';

    type Row = Schemas['Worked']['records'][number];
    const records = new Loaded(async () => (await taken(api.GET('/api/worked'))).records);
    undo.followedBy(records);
    let shown = $state('');

    const pests = (all: Row[]): { value: string; label: string }[] => [
        { value: '', label: 'All pests' },
        ...[...new Map(all.map((row) => [row.pest, row.pestName])).entries()].map(([value, label]) => ({ value, label })),
    ];
    const grouped = (all: Row[]): { pest: string; name: string; rows: Row[] }[] =>
        pests(all)
            .slice(1)
            .filter((pest) => shown === '' || pest.value === shown)
            .map((pest) => ({ pest: pest.value, name: pest.label, rows: all.filter((row) => row.pest === pest.value) }));
</script>

<Head title="What worked" />
<Waiting of={records}>
    {#snippet children(all)}
        {#if all.length === 0}
            <Empty
                text="Nothing was sprayed yet. Count before spraying and again at the fair look, and this page will say which spray worked on what."
                to="/plants"
                action="Go to the plants"
            />
        {:else}
            <p class="mb-2 max-w-prose">Best first. The bar is the share of rounds that would work, as far as the counts tell.</p>
            <label class="no-print mb-4 flex flex-wrap items-center gap-3">
                <span class="font-bold">Show</span>
                <select class="select w-auto" bind:value={shown}>
                    {#each pests(all) as pest (pest.value)}<option value={pest.value}>{pest.label}</option>{/each}
                </select>
            </label>
            {#each grouped(all) as group (group.pest)}
                <section class="dish mb-5" aria-label={group.name}>
                    <h2>{group.name}</h2>
                    <ol>
                        {#each group.rows as row (row.recipe.slug + row.strength.join())}<RecordRow {row} />{/each}
                    </ol>
                </section>
            {/each}
        {/if}
    {/snippet}
</Waiting>
