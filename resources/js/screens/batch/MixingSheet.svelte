<script lang="ts">
    import type { Tally } from './tally.svelte';

    const { tally }: { tally: Tally } = $props();
</script>

<!-- For paper: each step with its box, each spoonful with its ring, filled where it is ticked. -->
<div class="hidden print:block" data-sheet>
    <h2 class="text-2xl">{tally.batch.name}</h2>
    <p class="mb-2">
        {say('batch/mixing-sheet.in', {
            make: tally.batch.plan.spoken.make,
            loads: tally.batch.plan.spoken.loads,
            strength: tally.batch.plan.spoken.strength.join(', '),
        })}
    </p>
    {#each tally.batch.plan.loads as load, l (l)}
        {#if tally.loads > 1}<h2 class="mt-3">{say('batch/mixing-sheet.load', { l: l + 1, spoken: load.spoken })}</h2>{/if}
        <ol class="list-decimal pl-9">
            {#each load.tasks as task, i (i)}
                {@const item = tally.itemOf(l + 1, task)}
                <li class="py-0.5">
                    {#if item === undefined}<svg
                            viewBox="0 0 20 20"
                            class="inline size-4"
                            aria-hidden="true"
                            fill="none"
                            stroke="currentColor"
                            stroke-width="2"
                            ><rect x="1" y="1" width="18" height="18" />{#if tally.isDone(l + 1, i + 1)}<path
                                    d="m4 10 4 5 8-11"
                                />{/if}</svg
                        >{/if}
                    {task.text}
                    {#each item?.scoops ?? [] as scoop (scoop.id)}
                        {#each [...Array(scoop.count).keys()] as n (n)}<svg
                                viewBox="0 0 20 20"
                                class="mx-0.5 inline size-5"
                                aria-hidden="true"
                                stroke="currentColor"
                                stroke-width="2"
                                ><circle cx="10" cy="10" r="8" fill={scoop.ticked.includes(n + 1) ? 'currentColor' : 'none'} /></svg
                            >{/each}
                    {/each}
                </li>
            {/each}
        </ol>
    {/each}
    <h2 class="mt-3">{say('batch/mixing-sheet.cautions')}</h2>
    <ul class="list-disc pl-6 text-sm">
        {#each tally.batch.plan.cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
    </ul>
</div>
