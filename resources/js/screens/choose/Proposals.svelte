<script lang="ts">
    import FaultNote from '../../parts/FaultNote.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import type { Choosing } from './choosing.svelte';
    import Proposal from './Proposal.svelte';

    /** More than this at once is no help in choosing. */
    const SHOWN = 4;

    const { choosing }: { choosing: Choosing } = $props();
    const choice = $derived(choosing.choice.value);
</script>

<section class="grid gap-3" aria-label="Sprays that fit" aria-live="polite">
    <FaultNote fault={choosing.choice.fault} />
    {#if choice !== null}
        <p class="border-info border-l-8 pl-3">{choice.advice} <span class="quiet">(common practice, no source)</span></p>
        {#if choice.nothing !== null}
            <div class="dish" data-nothing>
                <LevelMark level="stop" />
                <p class="text-lg font-bold">{choice.nothing}</p>
            </div>
        {:else}
            <h2>Sprays that fit, best first</h2>
            <ol class="grid gap-3">
                {#each choice.proposed.slice(0, SHOWN) as option, i (option.slug)}<Proposal
                        {option}
                        first={i === 0}
                        caseId={choosing.caseId}
                    />{/each}
            </ol>
            {#if choice.proposed.length > SHOWN}
                <details>
                    <summary class="min-h-11 cursor-pointer py-2 font-bold">{choice.proposed.length - SHOWN} more that fit</summary>
                    <ol class="grid gap-3">
                        {#each choice.proposed.slice(SHOWN) as option (option.slug)}<Proposal
                                {option}
                                first={false}
                                caseId={choosing.caseId}
                            />{/each}
                    </ol>
                </details>
            {/if}
        {/if}
        <details class="dish">
            <summary class="min-h-11 cursor-pointer py-2 font-bold">Not proposed, and why ({choice.excluded.length})</summary>
            <ul class="mt-2 grid gap-3">
                {#each choice.excluded as option (option.slug)}
                    <li>
                        <strong>{option.name}</strong>{#each option.reasons as reason, i (i)}<p class="text-sm">{reason}</p>{/each}
                    </li>
                {/each}
            </ul>
        </details>
    {/if}
</section>
