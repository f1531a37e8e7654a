<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { onShortDay } from '../../lib/time';
    import CountMarks from './CountMarks.svelte';
    import type { Moving } from './moving.svelte';
    import { across, band, HIGH, line, top, WAYS, WIDE } from './outlook';
    import Stakes from './Stakes.svelte';

    /** One line for each way to go on; the band is that of what is planned, or else of what is left alone. */
    const { all, moving = null }: { all: Schemas['SeenAhead']; moving?: Moving | null } = $props();
    /** While rounds are moved, what comes of them stands in place of what is planned; the scale stays. */
    const most = $derived(top(all.outlooks));
    const outlooks = $derived([
        ...all.outlooks.filter((one) => moving === null || one.kind !== 'planned'),
        ...(moving?.shown ? [moving.shown] : []),
    ]);
    const days = $derived(all.outlooks[0]?.days ?? []);
    const banded = $derived(outlooks.find((one) => one.kind === 'planned') ?? outlooks[0]);
    const said = $derived(outlooks.map((one) => `${one.name}: ${one.words}`).join(' '));
</script>

<figure class="my-2" data-ahead-drawing>
    <figcaption class="quiet text-sm">{all.counted}</figcaption>
    <svg viewBox={`-60 -12 ${WIDE + 66} ${HIGH + 52}`} class="w-full max-w-2xl" role={moving === null ? 'img' : 'group'} aria-label={said}>
        <CountMarks {most} />
        {#if banded !== undefined}<path d={band(banded.days, most)} class="fill-primary opacity-15" data-band />{/if}
        {#each outlooks as outlook (outlook.kind)}
            <path
                d={line(outlook.days, most)}
                class={WAYS[outlook.kind].stroke}
                stroke-width="3.5"
                stroke-dasharray={WAYS[outlook.kind].dash}
                fill="none"
                data-way={outlook.kind}
            />
            {#if moving === null && (outlook.kind === 'planned' || (outlook.kind === 'fewest' && banded?.kind !== 'planned'))}
                {#each outlook.rounds as on (on)}{@const x = across(outlook.days, on)}{#if x !== null}<path
                            d={`M${x} ${HIGH}v-26M${x - 5} ${HIGH - 26}h10`}
                            class="stroke-secondary"
                            stroke-width="3"
                            fill="none"
                            data-stake={on}
                        />{/if}{/each}
            {/if}
        {/each}
        <path d={`M0 ${HIGH}H${WIDE}`} class="stroke-base-content" stroke-width="2" />
        {#if moving !== null}<Stakes {days} {moving} />{/if}
        {#each days as day, i (day.on)}{#if i % 14 === 0}{@const x = across(days, day.on) ?? 0}<text
                    {x}
                    y={HIGH + 32}
                    text-anchor={i === 0 ? 'start' : i === days.length - 1 ? 'end' : 'middle'}
                    class="fill-base-content text-[26px] sm:text-[15px]">{onShortDay(day.on)}</text
                >{/if}{/each}
    </svg>
</figure>
