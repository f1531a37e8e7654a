<script lang="ts">
    import type { Schemas } from '../lib/client';
    import { briefly } from '../lib/verdicts';
    import LevelMark from './LevelMark.svelte';
    import Standing from './Standing.svelte';

    /** Whether a spray may go on a plant: the worst first, the rest behind one tap. */
    const { gate }: { gate: Schemas['Gate'] } = $props();
    const first = $derived(gate.reasons[0]);
    const others = $derived(gate.reasons.slice(1));
</script>

<div class="grid gap-1" data-gate-says data-level={gate.level}>
    {#if first === undefined}
        <p class="flex items-start gap-2"><LevelMark level="ok" /><span>{say('parts/gate-says.nothing-against')}</span></p>
    {:else}
        <p class="flex items-start gap-2">
            <LevelMark level={first.level} /><span>{briefly(first.text)} <strong>{first.remedy}</strong> <Standing verdict={first} /></span>
        </p>
        {#if others.length > 0}<details class="text-sm">
                <summary class="link min-h-11 cursor-pointer py-2">{say('parts/gate-says.more', { others: others.length })}</summary>
                <ul class="grid gap-1">
                    {#each others as one (one.code)}<li class="flex items-start gap-2">
                            <LevelMark level={one.level} silent /><span>{briefly(one.text)} {one.remedy} <Standing verdict={one} /></span>
                        </li>{/each}
                </ul>
            </details>{/if}
    {/if}
    {#if gate.pickFromDays > 0}<p class="quiet text-sm">{say('parts/gate-says.pick-from', { days: gate.pickFromDays })}</p>{/if}
</div>
