<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import DayRow from './DayRow.svelte';
    import HourMark from './HourMark.svelte';
    import { days } from './spans';

    const { grid, zone }: { grid: Schemas['HourGrid']; zone: string } = $props();
    const all = $derived(days(grid.hours, zone));
    let open = $state<string[]>([]);
    const marks = ['0', '6', '12', '18'];
</script>

<section class="dish" aria-label={say('day/hour-grid.hours-for', { name: grid.name })}>
    <div class="flex flex-wrap items-baseline gap-x-4">
        <h2>{say('day/hour-grid.hour-by-hour', { name: grid.name })}</h2>
        <p class="quiet flex flex-wrap gap-x-3 text-sm">
            <HourMark verdict="good" />
            <HourMark verdict="workable" />
            <HourMark verdict="no" />
        </p>
    </div>
    <div class="scale numeral quiet text-sm" aria-hidden="true">
        <span></span><span class="grid grid-cols-4"
            >{#each marks as mark (mark)}<span>{mark}</span>{/each}</span
        >
    </div>
    <ol>
        {#each all as day (day.name)}<DayRow
                {day}
                {zone}
                open={open.includes(day.name)}
                ontoggle={() => (open = open.includes(day.name) ? open.filter((one) => one !== day.name) : [...open, day.name])}
            />{/each}
    </ol>
    <button
        class="btn mt-3"
        aria-pressed={open.length === all.length}
        onclick={() => (open = open.length === all.length ? [] : all.map((day) => day.name))}
        >{open.length === all.length ? say('day/hour-grid.bars-only') : say('day/hour-grid.all-hours-as-list')}</button
    >
</section>

<style>
    .scale {
        display: grid;
        grid-template-columns: 6.2rem 1fr;
        column-gap: 0.75rem;
    }
</style>
