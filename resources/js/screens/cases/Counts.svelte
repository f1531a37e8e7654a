<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import History from '../../parts/History.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import CountForm from './CountForm.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    let correcting = $state(0);

    function corrected(next: Schemas['Case']): void {
        correcting = 0;
        onsaved(next);
    }
</script>

<details class="mt-2" data-counts>
    <summary class="min-h-11 cursor-pointer py-2 font-bold">The figures: correct one, or take it back</summary>
    <ul class="divide-base-300 divide-y-2">
        {#each one.counts as count (count.id)}
            {@const what = `The count of ${count.value} ${one.counted}`}
            <li class="grid gap-1 py-1" data-count={count.id}>
                <div class="flex flex-wrap items-center gap-x-3">
                    <span class="min-w-40 flex-1"
                        ><strong class="numeral text-lg">{count.value}</strong>
                        {count.untreated ? 'on the unsprayed plant' : ''}
                        <span class="quiet">{atTime(count.countedAt)}</span>{#if count.notes}<span class="block">{count.notes}</span
                            >{/if}</span
                    >
                    <span class="no-print flex"
                        ><button
                            class="btn btn-ghost"
                            aria-expanded={correcting === count.id}
                            aria-label={`Correct: ${what}`}
                            onclick={() => (correcting = correcting === count.id ? 0 : count.id)}>Correct</button
                        >
                        <TakeBack kind="counts" id={count.id} {what} /></span
                    >
                </div>
                {#if correcting === count.id}<CountForm {one} {count} onsaved={corrected} />{/if}
                <History kind="counts" id={count.id} changes={count.changes} />
            </li>
        {/each}
    </ul>
</details>
