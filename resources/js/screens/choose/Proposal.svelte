<script lang="ts">
    import type { Schemas } from '../../lib/client';

    import GateSays from '../../parts/GateSays.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import { briefly } from '../../lib/verdicts';
    import { benchAt } from './bench';

    interface Props {
        option: Schemas['Choice']['proposed'][number];
        /** The main act of the screen. */
        main: boolean;
        caseId: number;
    }
    const { option, main, caseId }: Props = $props();
    /** What the gate minds most is its price; what else it costs is told with the rest. */
    const gate = $derived(option.gate.reasons[0]);
    /** That leaves are to be tested stands with what it costs. */
    const minded = $derived(gate?.code === 'leaf-test' ? undefined : gate);
    const more = $derived([
        ...option.for.slice(main ? 1 : 0).map((text) => ({ sign: '+', text })),
        ...option.moreFor.map((text) => ({ sign: '+', text })),
        ...option.against.slice(main && minded === undefined ? 1 : 0).map((text) => ({ sign: '−', text })),
        ...option.moreAgainst.map((text) => ({ sign: '−', text })),
    ]);
</script>

{#snippet reason(sign: string, text: string)}
    <li>
        <span class="mr-2 font-bold" aria-hidden="true">{sign}</span><span class="sr-only"
            >{sign === '+' ? say('choose/proposal.for') : say('choose/proposal.its-price')}</span
        >{text}
    </li>
{/snippet}

<li class="border-base-300 grid gap-1 border-b pb-3" data-option={option.slug}>
    <div class="flex flex-wrap items-baseline gap-x-3">
        <h3 class="text-xl font-bold">{option.name}</h3>
        <span class="quiet">{option.strength.join(', ')}</span>
        {#if option.inRotation}<span class="border-secondary text-secondary ml-auto rounded border-2 px-2 text-sm font-bold"
                >{say('choose/proposal.take-in-turn')}</span
            >{/if}
    </div>
    <p class="text-lg font-bold" data-spoons>{option.spoons}</p>
    <p class="quiet" data-costs>{option.costs}</p>
    {#if main}<ul>
            {#if option.for[0] !== undefined}{@render reason('+', option.for[0])}{/if}
            {#if minded === undefined && option.against[0] !== undefined}{@render reason('−', option.against[0])}{/if}
        </ul>{/if}
    {#if minded !== undefined}<p class="flex items-start gap-2" data-gate-brief>
            <LevelMark level={minded.level} /><span>{briefly(minded.text)}</span>
        </p>{/if}
    <div class="flex flex-wrap items-start gap-x-4">
        <a
            class={main ? 'act' : 'btn'}
            href={benchAt(caseId, option)}
            aria-label={say('choose/proposal.take-to-bench', { name: option.name })}>{say('choose/proposal.mix')}</a
        >
        <details class="min-w-0 flex-1 basis-56">
            <summary class="min-h-11 cursor-pointer py-2">{say('choose/proposal.more-about')}</summary>
            <GateSays gate={option.gate} />
            <ul>
                {#each more as each (each.text)}{@render reason(each.sign, each.text)}{/each}
            </ul>
            <p class="quiet text-sm">{option.useWords}. {option.repeat} {option.rests}</p>
        </details>
    </div>
</li>
