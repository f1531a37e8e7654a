<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { onShortDay } from '../../lib/time';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    const { one }: { one: Schemas['Case'] } = $props();
    const id = untrack(() => one.id);
    const programme = new Loaded(
        async () => (await taken(api.GET('/api/cases/{id}/programme', { params: { path: { id } } }))).programme ?? undefined,
    );
    const names: Record<Schemas['ProgrammeEntry']['kind'], string> = {
        round: say('cases/programme.round'),
        look: say('cases/programme.look'),
        rinse: say('cases/programme.rinse'),
        count: say('cases/programme.count'),
        handwork: say('cases/programme.handwork'),
        test: say('cases/programme.test'),
        date: say('cases/programme.date'),
    };
    const days = (gap: Schemas['ProgrammeGap']): string =>
        gap.from === gap.to ? onShortDay(gap.from) : say('cases/programme.to', { from: onShortDay(gap.from), to: onShortDay(gap.to) });
</script>

{#snippet open(gap: Schemas['ProgrammeGap'], lead: string)}
    <li class="flex items-start gap-2">
        <LevelMark level="caution" silent /><span
            >{lead} <strong>{days(gap)}</strong> {say('cases/programme.open', { because: gap.because })}</span
        >
    </li>
{/snippet}

<Waiting of={programme}>
    {#snippet children(all)}
        {#if all === undefined}
            <p>{say('cases/programme.plan-begins-with-first-round')}</p>
        {:else}
            <p class="mb-2">
                {all.spray}{#if all.celsius !== null}{say('cases/programme.at-c', { celsius: all.celsius })}{/if}{say(
                    'cases/programme.dates-move-with-rain-counts',
                )}
            </p>
            {#if all.gaps.length === 0}
                <p class="mb-2 flex items-start gap-2">
                    <LevelMark level="ok" silent />
                    {say('cases/programme.these-rounds-leave-nothing-open')}
                </p>
            {/if}
            <ul class="mb-2 grid gap-1">
                {#each all.gaps as gap (gap.from)}{@render open(gap, say('cases/programme.these-rounds-leave'))}{/each}
                {#if all.gaps.length === 0}{#each all.stopped as gap (gap.from)}{@render open(
                            gap,
                            say('cases/programme.to-stop-now-leaves'),
                        )}{/each}{/if}
            </ul>
            <ol class="grid gap-1" data-programme>
                {#each all.entries as entry, i (i)}
                    <li class="grid grid-cols-[5rem_4rem_1fr] items-baseline gap-x-2" data-entry={entry.kind}>
                        <span class="numeral text-sm">{onShortDay(entry.on)}</span>
                        <span class={['font-bold', entry.done && 'quiet']}
                            >{entry.done ? say('cases/programme.sprayed') : names[entry.kind]}</span
                        >
                        <span class="text-sm"
                            >{[entry.kind === 'round' ? `${entry.spray}.` : '', entry.done ? '' : entry.because]
                                .filter(Boolean)
                                .join(' ')}</span
                        >
                    </li>
                {/each}
            </ol>
        {/if}
    {/snippet}
</Waiting>
