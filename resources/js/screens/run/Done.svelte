<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { millilitres } from '../../lib/figures';
    import { atTime } from '../../lib/time';
    import Head from '../../parts/Head.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';

    const { run }: { run: Schemas['Run'] } = $props();
    const sprayed = $derived(run.plants.filter((plant) => plant.sprayedAt !== null));
    const MILLI = 1000;
</script>

<Head title={`Sprayed: ${run.batch.name}`} />
<p class="mb-3 flex items-center gap-3 text-xl"><LevelMark level="ok" /> {sprayed.length} of {run.plants.length} plants.</p>
<ul class="mb-4" data-record>
    {#each run.plants as plant (plant.caseId)}
        <li class="border-base-300 border-b py-2">
            <a class="text-lg font-bold" href={`/cases/${plant.caseId}`}>{plant.name}</a>
            <span class="quiet"
                >{plant.sprayedAt === null ? 'not sprayed' : atTime(plant.sprayedAt)}{plant.litres === null
                    ? ''
                    : `, some ${millilitres(plant.litres * MILLI)}`}</span
            >
        </li>
    {/each}
</ul>
{#if run.weather}<p class="quiet mb-4">Weather at the start: {run.weather}.</p>{/if}
<div class="no-print flex flex-wrap gap-2">
    <a class="btn btn-primary" href="/">Back to Today</a>
    <a class="btn" href={`/labels/${run.batch.id}`}>A label for what is kept</a>
</div>
