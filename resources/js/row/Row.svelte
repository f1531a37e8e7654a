<script lang="ts">
    import type { Schemas } from '../lib/client';
    import { onShortDay } from '../lib/time';
    import { axisOf, HALF_BOARD, ticks } from './axis';
    import Curves from './Curves.svelte';
    import { drawnOf, type Height, type Typed } from './drawn';
    import Leaves from './Leaves.svelte';

    interface Props {
        row: Schemas['Row'];
        /** Px: 44 in lists, 96 on the day, 280 on a case. */
        height: Height;
        typed?: Typed | null;
        /** What is expected to be counted from now on, and what comes of it in words; none where nothing is seen ahead. */
        expected?: Schemas['ExpectedDay'][];
        foreseen?: string;
    }
    const { row, height, typed = null, expected = [], foreseen = '' }: Props = $props();
    let width = $state(320);
    const axis = $derived(axisOf(row, width));
    const drawn = $derived(drawnOf(row, width, height, typed, expected));
    const large = $derived(height === 280);
    const thin = $derived(height === 44);
    const scale = $derived(ticks(row));
    /** Every so many days are named, as there is room. */
    const every = $derived(Math.ceil((scale.days.length * 60) / (width - axis.now)));
    const id = $props.id();
</script>

<div class="row" style:height={`${height}px`} bind:clientWidth={width} data-row={row.plantId}>
    <svg viewBox={`0 0 ${width} ${height}`} {width} {height} role="img" aria-label={`${row.said} ${foreseen}`.trim()}>
        <defs
            ><pattern id={`${id}-half`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
                ><path d="M0 0V5" class="workable" stroke-width="4" /></pattern
            ></defs
        >
        <path d={`M0 ${drawn.base}H${width}`} class="stroke-base-300" stroke-width="1.5" />
        {#each [...scale.weeks, ...scale.days.map((day) => day.at)] as tick (tick)}
            <path d={`M${axis.x(tick)} ${drawn.base}v5`} class="stroke-base-300" stroke-width="1.5" />
        {/each}
        {#if large}
            {#each scale.weeks as week (week)}<text x={axis.x(week)} y={height - 8} text-anchor="middle" class="tick"
                    >{onShortDay(week)}</text
                >{/each}
            {#each scale.days as day, i (day.at)}{#if i % every === 0 && axis.x(day.at) > axis.now + 32}<text
                        x={axis.x(day.at)}
                        y={height - 8}
                        text-anchor="middle"
                        class="tick">{scale.days.length > 8 ? onShortDay(day.at) : day.name}</text
                    >{/if}{/each}
        {/if}
        {#each drawn.hours as window (window.from)}
            <rect
                x={window.x}
                y={drawn.base - drawn.block}
                width={window.width}
                height={drawn.block}
                class={['hours', window.verdict]}
                fill={window.verdict === 'good' ? undefined : `url(#${id}-half)`}
                data-hours={window.from}><title>{window.because}</title></rect
            >
        {/each}
        {#if drawn.ahead.band !== ''}
            <path d={drawn.ahead.band} class="fill-primary opacity-15" data-expected />
            <path d={drawn.ahead.middle} class="stroke-primary" stroke-width="2.5" stroke-dasharray="3 5" fill="none" />
        {/if}
        {#each drawn.stakes as stake, i (`${stake.at} ${i}`)}
            <path
                d={`M${stake.x} ${drawn.base}V${drawn.head - 2}M${stake.x - 5} ${drawn.head - 2}h10`}
                class="stroke-secondary"
                stroke-width={thin ? 2 : 3}
                fill="none"
                data-stake={stake.at}><title>{stake.spray}</title></path
            >
            {#if large}<text x={stake.x + 8} y={drawn.head - 2} class="number fill-secondary">{i + 1}</text>{/if}
        {/each}
        <Curves {drawn} {large} {thin} />
        <Leaves {drawn} {thin} />
        {#each drawn.ends as end (end.kind + end.at)}
            <path
                d={`M${end.x} ${drawn.head - 4}V${drawn.base}M${end.x - 5} ${drawn.base - 4}l10 -6`}
                class="stroke-base-content"
                stroke-width="2"
                stroke-dasharray="2 3"
                fill="none"
                data-end={end.at}><title>{end.words}</title></path
            >
        {/each}
        <rect x={drawn.now - HALF_BOARD} y="0" width={2 * HALF_BOARD} {height} class="fill-secondary" />
        {#each drawn.acts as act (act.key)}
            <circle cx={act.x} cy={act.y} r={drawn.dot + 2} class="fill-base-100 stroke-base-content" stroke-width="2.5" data-act={act.key}
                ><title>{act.words}</title></circle
            >
        {/each}
        {#if drawn.typed !== null}
            <path d={drawn.typed.path} class="stroke-primary" stroke-width="2.5" stroke-dasharray="4 4" fill="none" />
            <circle
                cx={drawn.now}
                cy={drawn.typed.y}
                r={drawn.dot + 1}
                class="fill-base-100 stroke-primary"
                stroke-width="3"
                data-typed={drawn.typed.value}
            />
        {/if}
    </svg>
</div>

<style>
    .row {
        min-width: 0;
        overflow: hidden;
    }
    svg {
        display: block;
    }
    .good {
        fill: var(--color-success);
    }
    .workable {
        stroke: var(--color-success);
    }
    .tick {
        font-size: 16px;
        fill: var(--color-base-content);
    }
    .number {
        font-size: 16px;
        font-weight: 700;
    }
    @media print {
        svg :global(*) {
            print-color-adjust: exact;
        }
    }
    @media (forced-colors: active) {
        svg :global(*) {
            forced-color-adjust: none;
        }
    }
</style>
