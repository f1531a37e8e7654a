<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import Correctable from '../../parts/Correctable.svelte';
    import CountForm from './CountForm.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
</script>

<details class="mt-2" data-counts>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">The figures: correct one, or take it back</summary>
    <ul class="divide-base-300 divide-y-2">
        {#each one.counts as count (count.id)}
            <li class="py-1" data-count={count.id}>
                <Correctable kind="counts" of={count} what={`The count of ${count.value} ${one.counted}`} changes={count.changes}>
                    {#snippet head()}
                        <strong class="numeral text-lg">{count.value}</strong>
                        {count.untreated ? 'on the unsprayed plant' : ''}
                        <span class="quiet">{atTime(count.countedAt)}</span>
                        {#if count.notes}<span class="block">{count.notes}</span>{/if}
                    {/snippet}
                    {#snippet form(done)}
                        <CountForm
                            {one}
                            {count}
                            onsaved={(next) => {
                                done();
                                onsaved(next);
                            }}
                        />
                    {/snippet}
                </Correctable>
            </li>
        {/each}
    </ul>
</details>
