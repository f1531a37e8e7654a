<script lang="ts">
    import FaultNote from '../../parts/FaultNote.svelte';
    import Standing from '../../parts/Standing.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import type { Choosing } from './choosing.svelte';
    import Proposal from './Proposal.svelte';

    /** More than this at once is no help in choosing. */
    const SHOWN = 2;

    const { choosing }: { choosing: Choosing } = $props();
    const choice = $derived(choosing.choice.value);
</script>

<section class="grid gap-3" aria-label={say('choose/proposals.sprays-that-fit')}>
    <FaultNote fault={choosing.choice.fault} />
    {#if choice !== null}
        <p class="text-lg" data-advice>{choice.advice} <Standing verdict={{ standing: 'common-practice', source: null }} /></p>
        {#if choice.nothing !== null}
            <div class="border-error border-l-8 pl-3" data-nothing>
                <LevelMark level="stop" />
                <p class="text-lg font-bold">{choice.nothing}</p>
            </div>
        {:else}
            <h2>{choice.worthIt ? say('choose/proposals.sprays-that-fit-best-first') : say('choose/proposals.if-comes-to-spray')}</h2>
            <ol class="grid gap-3">
                {#each choice.proposed.slice(0, SHOWN) as option, i (option.slug)}<Proposal
                        {option}
                        main={i === 0 && choice.worthIt}
                        caseId={choosing.of.id}
                    />{/each}
            </ol>
            {#if choice.proposed.some((one) => one.inRotation)}<p class="quiet text-sm">
                    {say('choose/proposals.take-in-turn-those-two')}
                </p>{/if}
            {#if choice.proposed.length > SHOWN}
                <details>
                    <summary class="min-h-11 cursor-pointer py-2 font-bold"
                        >{say('choose/proposals.more-that-fit', { proposed: choice.proposed.length - SHOWN })}</summary
                    >
                    <ol class="grid gap-3">
                        {#each choice.proposed.slice(SHOWN) as option (option.slug)}<Proposal
                                {option}
                                main={false}
                                caseId={choosing.of.id}
                            />{/each}
                    </ol>
                </details>
            {/if}
        {/if}
        <details>
            <summary class="min-h-11 cursor-pointer py-2 font-bold"
                >{say('choose/proposals.not-proposed-and-why', { excluded: choice.excluded.length })}</summary
            >
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
