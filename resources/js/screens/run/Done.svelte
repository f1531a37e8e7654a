<script lang="ts">
    import { bottlePlace } from '../../lib/bottle';
    import type { Schemas } from '../../lib/client';
    import { millilitres } from '../../lib/figures';
    import { atTime } from '../../lib/time';
    import Head from '../../parts/Head.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';

    const { run }: { run: Schemas['Run'] } = $props();
    const sprayed = $derived(run.plants.filter((plant) => plant.sprayedAt !== null));
    const MILLI = 1000;
</script>

<Head title={say('run/done.sprayed', { name: run.batch.name })} />
<p class="mb-3 flex items-center gap-3 text-xl">
    <LevelMark level="ok" />
    {say('run/done.of-plants', { sprayed: sprayed.length, plants: run.plants.length })}
</p>
<ul class="mb-4" data-record>
    {#each run.plants as plant (plant.caseId)}
        <li class="border-base-300 border-b py-2">
            <a class="text-lg font-bold" href={plant.course === null ? `/cases/${plant.caseId}` : `/courses/${plant.course}`}
                >{plant.name}</a
            >
            <span class="quiet"
                >{plant.sprayedAt === null ? say('run/done.not-sprayed') : atTime(plant.sprayedAt)}{plant.litres === null
                    ? ''
                    : say('run/done.some', { litres: millilitres(plant.litres * MILLI) })}</span
            >
        </li>
    {/each}
</ul>
{#if run.weather}<p class="quiet mb-4">{say('run/done.weather-at-start', { weather: run.weather })}</p>{/if}
{#if run.bottle.end === null}<p class="mb-4" data-state={run.bottle.state}>
        <strong>{run.bottle.words}.</strong>
        <a class="link inline-flex min-h-11 items-center" href={bottlePlace(run.bottle, run.batch.id, null)}>{run.bottle.actWords}</a>
    </p>{/if}
<div class="no-print flex flex-wrap gap-2">
    <a class="btn btn-primary" href="/">{say('run/done.back-to-today')}</a>
    <a class="btn" href={`/labels/${run.batch.id}`}>{say('run/done.label-for-what-kept')}</a>
</div>
