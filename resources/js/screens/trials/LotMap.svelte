<script lang="ts">
    import type { Schemas } from '../../lib/client';

    const { trial, hidden = false }: { trial: Schemas['Trial']; hidden?: boolean } = $props();
    /** Whole plants, by their labels. */
    const named = $derived(new Map(trial.plants.map((one) => [one.lot, one.plant])));
</script>

<section aria-label={say('trials/lot-map.map-of-lots')} data-map>
    <h2>{say('trials/lot-map.who-gets-what')}</h2>
    {#if hidden}
        <p>{say('trials/lot-map.hidden-from-who-counts-whoever')}</p>
    {:else}
        <p class="quiet text-sm"><strong>A</strong> {trial.one}. <strong>B</strong> {trial.other}.</p>
        <ol class="mt-2 flex flex-wrap gap-1">
            {#each trial.lots as first, i (i)}
                {@const plant = named.get(i + 1)}
                <li class={['lot', first && 'one']} data-lot={first ? 'A' : 'B'}>
                    {#if plant === undefined}
                        <span class="numeral">{i + 1}</span><strong>{first ? 'A' : 'B'}</strong>
                    {:else}
                        <a class="grid justify-items-center" href={`/plants/${plant.id}`}
                            ><span class="numeral">{i + 1}</span><strong>{first ? 'A' : 'B'}</strong>
                            <small class="underline">{plant.name}</small></a
                        >
                    {/if}
                </li>
            {/each}
        </ol>
        <div class="labels hidden print:grid" aria-hidden="true">
            {#each trial.lots as first, i (i)}<div class="label">
                    <span class="numeral">{i + 1}</span>{#if !trial.blind}<strong>{first ? 'A' : 'B'}</strong>{/if}
                    <small>{named.get(i + 1)?.name ?? trial.name}</small>
                </div>{/each}
        </div>
    {/if}
</section>

<style>
    .lot {
        display: grid;
        justify-items: center;
        min-width: 2.75rem;
        padding: 0.25rem;
        border: 2px dashed var(--color-base-content);
        border-radius: 0.3rem;
    }
    .one {
        border-style: solid;
    }
    @media print {
        .labels {
            grid-template-columns: repeat(5, 1fr);
            margin-top: 1rem;
        }
        .label {
            display: grid;
            padding: 3mm;
            border: 1px dashed;
            text-align: center;
            break-inside: avoid;
        }
    }
</style>
