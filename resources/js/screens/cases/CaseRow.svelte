<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import Row from '../../row/Row.svelte';
    import RowTable from '../../row/RowTable.svelte';
    import Counts from './Counts.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    /** Asked after the row is drawn: it takes longer. */
    const seen = $derived(
        one.closedAt === null && one.counts.length > 0
            ? new Loaded(() => taken(api.GET('/api/cases/{id}/going-on', { params: { path: { id: one.id } } })))
            : null,
    );
    const going = $derived(seen?.value?.outlooks.find((way) => way.kind === 'planned') ?? seen?.value?.outlooks[0]);
</script>

<section class="mt-3" aria-label={say('cases/case-row.counts')}>
    <h2>{say('cases/case-row.counts')} <span class="quiet text-base font-normal">{one.counted}</span></h2>
    {#if one.counts.length === 0}<p>{say('cases/case-row.nothing-counted-yet-count-before')}</p>{/if}
    <Row
        row={one.row}
        height={280}
        expected={going?.days}
        foreseen={going === undefined ? '' : say('cases/case-row.foreseen', { name: going.name, words: going.words })}
    />
    <RowTable row={one.row} />
    {#if one.counts.length > 0}<div class="no-print"><Counts {one} {onsaved} /></div>{/if}
</section>
