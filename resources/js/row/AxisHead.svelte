<script lang="ts">
    import type { Schemas } from '../lib/client';
    import { axisOf, ticks } from './axis';

    /** What the time of all rows below is called, once: weeks before now, days after it. */
    const { row }: { row: Schemas['Row'] } = $props();
    let width = $state(320);
    const axis = $derived(axisOf(row, width));
    const scale = $derived(ticks(row));
    const room = $derived(((width - axis.now) / 7) * 0.9);
</script>

<div bind:clientWidth={width} class="quiet min-w-0" style:height="20px" style:overflow="hidden">
    <svg viewBox={`0 0 ${width} 20`} {width} height="20" aria-hidden="true" class="block">
        {#each scale.days.filter((day) => axis.x(day.at) < width - 14) as day (day.at)}<text
                x={axis.x(day.at) + 2}
                y="15"
                font-size="16"
                fill="currentColor">{room < 32 || axis.x(day.at) > width - 40 ? day.name.slice(0, 1) : day.name}</text
            >{/each}
    </svg>
</div>
