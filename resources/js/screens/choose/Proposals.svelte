<script lang="ts">
    import LevelMark from '../../parts/LevelMark.svelte';
    import type { Choosing } from './choosing.svelte';
    import { benchAt } from './bench';
    import Proposal from './Proposal.svelte';

    const { choosing }: { choosing: Choosing } = $props();
    const choice = $derived(choosing.choice.value);
    const now = $derived(choice?.whether.answer === 'spray');
</script>

{#snippet three()}
    {#if choice !== null}
        <ol class="grid gap-3">
            {#each choice.proposed as option, i (option.slug)}<Proposal {option} main={i === 0 && now} caseId={choosing.of.id} />{/each}
        </ol>
        {#if choice.missing !== null}<p data-missing>{choice.missing.words}</p>{/if}
        {#if choice.others.length > 0}
            <details>
                <summary class="min-h-11 cursor-pointer py-2 font-bold"
                    >{say('choose/proposals.others-and-why', { others: choice.others.length })}</summary
                >
                <ul class="mt-2 grid gap-3">
                    {#each choice.others as option (option.slug)}
                        <li data-other={option.slug}>
                            <a class="link inline-flex min-h-11 items-center font-bold" href={benchAt(choosing.of.id, option)}
                                >{option.name}</a
                            >
                            <p class="text-sm">{option.because}</p>
                        </li>
                    {/each}
                </ul>
            </details>
        {/if}
    {/if}
{/snippet}

{#if choice !== null}
    <section class="grid gap-3" aria-label={say('choose/proposals.sprays-that-fit')}>
        {#if choice.nothing !== null}
            <div class="border-error border-l-8 pl-3" data-nothing>
                <LevelMark level="stop" />
                <p class="text-lg font-bold">{choice.nothing}</p>
            </div>
        {:else if now}
            <h2>{say('choose/proposals.sprays-that-fit-best-first')}</h2>
            {@render three()}
        {:else}
            <details>
                <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('choose/proposals.if-comes-to-spray')}</summary>
                {@render three()}
            </details>
        {/if}
        <details>
            <summary class="min-h-11 cursor-pointer py-2 font-bold"
                >{say('choose/proposals.not-proposed-and-why', { excluded: choice.excluded.length })}</summary
            >
            <ul class="mt-2 grid gap-3">
                {#each choice.excluded as option (option.slug)}
                    <li>
                        <strong>{option.name}</strong>{#each option.reasons as reason, i (i)}<p class="text-sm">{reason}</p>{/each}
                        <p class="quiet text-sm">{option.rests}</p>
                    </li>
                {/each}
            </ul>
        </details>
    </section>
{/if}
