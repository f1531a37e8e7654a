<script lang="ts">
    import { warmth } from '../lib/weather';
    import type { Schemas } from '../lib/client';
    import { onShortDay } from '../lib/time';
    import LevelMark from './LevelMark.svelte';

    /** Where nothing is there yet, nothing is left open. */
    const { all, prevents = false }: { all: Schemas['Ahead']; prevents?: boolean } = $props();
    const names: Record<Schemas['AheadEntry']['kind'], string> = {
        round: say('parts/ahead.round'),
        look: say('parts/ahead.look'),
        rinse: say('parts/ahead.rinse'),
        count: say('parts/ahead.count'),
        handwork: say('parts/ahead.handwork'),
        test: say('parts/ahead.test'),
        date: say('parts/ahead.date'),
        bought: say('parts/ahead.round'),
    };
    const done = (kind: Schemas['AheadEntry']['kind']): string =>
        kind === 'round' ? say('parts/ahead.sprayed') : kind === 'bought' ? say('parts/ahead.bought') : say('parts/ahead.looked');
    const days = (gap: Schemas['AheadGap']): string =>
        gap.from === gap.to ? onShortDay(gap.from) : say('parts/ahead.to', { from: onShortDay(gap.from), to: onShortDay(gap.to) });
</script>

{#snippet open(gap: Schemas['AheadGap'], lead: string)}
    <li class="flex items-start gap-2">
        <LevelMark level="caution" silent /><span
            >{lead} <strong>{days(gap)}</strong> {say('parts/ahead.open', { because: gap.because })}</span
        >
    </li>
{/snippet}

{#if all.spray !== ''}
    <p class="mb-2">
        {all.spray}{#if all.celsius !== null}{say('parts/ahead.at-warmth', { warmth: warmth(all.celsius) })}{/if}{say(
            'parts/ahead.dates-move-with-rain-counts',
        )}
    </p>
{/if}
{#if all.gaps.length === 0 && !prevents}
    <p class="mb-2 flex items-start gap-2">
        <LevelMark level="ok" silent />
        {say('parts/ahead.these-rounds-leave-nothing-open')}
    </p>
{/if}
<ul class="mb-2 grid gap-1">
    {#each all.gaps as gap (gap.from)}{@render open(gap, say('parts/ahead.these-rounds-leave'))}{/each}
    {#if all.gaps.length === 0 && !prevents}{#each all.stopped as gap (gap.from)}{@render open(
                gap,
                say('parts/ahead.to-stop-now-leaves'),
            )}{/each}{/if}
</ul>
<ol class="grid gap-1" data-ahead>
    {#each all.entries as entry, i (i)}
        <li class="grid grid-cols-[5rem_4rem_1fr] items-baseline gap-x-2" data-entry={entry.kind}>
            <span class="numeral text-sm">{onShortDay(entry.on)}</span>
            <span class={['font-bold', entry.done && 'quiet']}>{entry.done ? done(entry.kind) : names[entry.kind]}</span>
            <span class="text-sm"
                >{[entry.spray !== '' && ['round', 'bought'].includes(entry.kind) ? `${entry.spray}.` : '', entry.done ? '' : entry.because]
                    .filter(Boolean)
                    .join(' ')}</span
            >
        </li>
    {/each}
</ol>
