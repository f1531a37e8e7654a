<script lang="ts">
    import type { Schemas } from '../lib/client';
    import { atTime } from '../lib/time';
    import { toldOf } from './table';

    /** What a row shows, for whoever rather reads it; on paper, always. */
    const { row }: { row: Schemas['Row'] } = $props();
    let open = $state(false);
    const told = $derived(toldOf(row));
</script>

<details bind:open class="no-print">
    <summary class="link quiet min-h-11 cursor-pointer py-2 text-sm">{say('row/row-table.in-words')}</summary>
    {#if open}<p class="text-sm">{say('row/row-table.legend')}</p>{/if}
</details>
<table class={['mt-1 w-full text-left', open ? 'table' : 'hidden print:table']} data-row-table>
    <thead><tr><th scope="col">{say('row/row-table.when')}</th><th scope="col">{say('row/row-table.what')}</th></tr></thead>
    <tbody>
        {#each told as one, i (i)}<tr class="border-base-300 border-t align-top"
                ><td class="pr-3 whitespace-nowrap">{atTime(one.at)}</td><td>{one.what}</td></tr
            >{/each}
    </tbody>
</table>
