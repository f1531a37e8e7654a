<script lang="ts">
    import type { Schemas } from '../../lib/client';

    const { option, first, caseId }: { option: Schemas['Choice']['proposed'][number]; first: boolean; caseId: number } = $props();
    const dose = $derived(option.half ? '&dose=half' : option.highEnd ? '&dose=high' : '');
    const more = $derived(option.moreFor.length + option.moreAgainst.length);
</script>

{#snippet reasons(speaksFor: string[], against: string[])}
    <ul class="text-base">
        {#each speaksFor as reason, i (i)}<li>
                <span class="mr-2 font-bold" aria-hidden="true">+</span><span class="sr-only">For it: </span>{reason}
            </li>{/each}
        {#each against as reason, i (i)}<li>
                <span class="mr-2 font-bold" aria-hidden="true">−</span><span class="sr-only">Against it: </span>{reason}
            </li>{/each}
    </ul>
{/snippet}

<li class="dish grid gap-1" data-option={option.slug}>
    <div class="flex flex-wrap items-baseline gap-x-3">
        <h3 class="text-lg font-bold">{option.name}</h3>
        <span class="quiet">{option.useWords}; {option.strength.join(', ')}</span>
        {#if option.inRotation}<span class="border-secondary text-secondary ml-auto rounded border-2 px-2 text-sm font-bold"
                >one of two to take in turn</span
            >{/if}
    </div>
    {@render reasons(option.for, option.against)}
    {#if more > 0}
        <details>
            <summary class="min-h-11 cursor-pointer py-2">{more === 1 ? 'One more reason' : `${more} more reasons`}</summary>
            {@render reasons(option.moreFor, option.moreAgainst)}
        </details>
    {/if}
    <p class="quiet text-sm">{option.repeat} (common practice, no source)</p>
    <a class={['btn mt-1 justify-self-start', first && 'btn-primary']} href={`/bench?case=${caseId}&recipe=${option.slug}${dose}`}
        >Take {option.name} to the bench</a
    >
</li>
