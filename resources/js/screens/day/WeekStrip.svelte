<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { weekOf } from './week';

    interface Props {
        plant: Schemas['SprayDayPlant'];
        now: string;
        zone: string;
        /** Whether the days are named above it. */
        named?: boolean;
    }
    const { plant, now, zone, named = false }: Props = $props();
    const HEIGHT = 30;
    let width = $state(300);
    const week = $derived(weekOf(plant.hours, now, zone, width));
    const head = $derived(named ? 22 : 0);
    const id = $props.id();
</script>

<div bind:clientWidth={width} class="strip" style:height={`${HEIGHT + head}px`}>
    <svg viewBox={`0 0 ${width} ${HEIGHT + head}`} {width} height={HEIGHT + head} aria-hidden="true" class="block" data-week={plant.id}>
        <defs
            ><pattern id={`${id}-half`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
                ><path d="M0 0V5" class="workable" stroke-width="4" /></pattern
            ></defs
        >
        {#if named}{#each week.days as day (day.x)}{#if day.width > 24}<text x={day.x + 3} y="16"
                        >{day.width < 46 ? day.name.slice(0, 1) : day.name}</text
                    >{/if}{/each}{/if}
        {#each week.days as day (day.x)}<path d={`M${day.x} ${head}V${head + HEIGHT}`} class="stroke-base-300" stroke-width="1" />{/each}
        {#each week.blocks as block (block.x)}<rect
                x={block.x}
                y={head + 6}
                width={block.width}
                height={HEIGHT - 7}
                class={block.verdict}
                fill={block.verdict === 'good' ? undefined : `url(#${id}-half)`}
                data-hours={block.verdict}
            />{/each}
        <path d={`M0 ${head + HEIGHT - 0.75}H${width}`} class="stroke-base-300" stroke-width="1.5" />
        <rect x="0" y={head} width="6" height={HEIGHT} class="fill-secondary" />
    </svg>
</div>

<style>
    .good {
        fill: var(--color-success);
    }
    .workable {
        stroke: var(--color-success);
    }
    .strip {
        min-width: 0;
        overflow: hidden;
    }
    text {
        font-size: 15px;
        fill: var(--color-base-content);
    }
    @media print {
        svg * {
            print-color-adjust: exact;
        }
    }
</style>
