<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import Row from '../../row/Row.svelte';
    import RowTable from '../../row/RowTable.svelte';
    import Counts from './Counts.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
</script>

<section class="mt-3" aria-label={say('cases/case-row.counts')}>
    <h2>{say('cases/case-row.counts')} <span class="quiet text-base font-normal">{one.counted}</span></h2>
    {#if one.counts.length === 0}<p>{say('cases/case-row.nothing-counted-yet-count-before')}</p>{/if}
    <Row row={one.row} height={280} />
    <RowTable row={one.row} />
    {#if one.counts.length > 0}<div class="no-print"><Counts {one} {onsaved} /></div>{/if}
</section>
