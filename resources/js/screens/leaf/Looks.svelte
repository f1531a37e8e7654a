<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import History from '../../parts/History.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import LeafDrawing from './LeafDrawing.svelte';
    import ReadingForm from './ReadingForm.svelte';

    interface Props {
        test: Schemas['LeafTest'];
        catalogue: Schemas['Catalogue'];
        onread: (test: Schemas['LeafTest']) => void;
    }
    const { test, catalogue, onread }: Props = $props();
    let correcting = $state(0);

    function corrected(next: Schemas['LeafTest']): void {
        correcting = 0;
        onread(next);
    }
</script>

<section class="dish" aria-label="Looks so far">
    <h2>Looks so far</h2>
    {#if test.readings.length === 0}<p class="quiet mt-2">None yet.</p>{/if}
    <ul class="mt-2 grid gap-4">
        {#each test.readings as reading (reading.id)}
            {@const what = `The look of ${atTime(reading.readAt)}`}
            <li data-look={reading.id}>
                <div class="flex flex-wrap items-center gap-x-3">
                    <p class="min-w-40 flex-1 font-bold">{atTime(reading.readAt)}</p>
                    <span class="no-print flex"
                        ><button
                            class="btn btn-ghost"
                            aria-expanded={correcting === reading.id}
                            aria-label={`Correct: ${what}`}
                            onclick={() => (correcting = correcting === reading.id ? 0 : reading.id)}>Correct</button
                        >
                        <TakeBack kind="readings" id={reading.id} {what} /></span
                    >
                </div>
                <ul class="flex flex-wrap gap-4">
                    {#each reading.reactions as reaction, n (n)}
                        <li class="grid justify-items-center text-sm"><LeafDrawing {reaction} />leaf {n + 1}: {reaction}</li>
                    {/each}
                </ul>
                {#if reading.notes}<p class="whitespace-pre-line">{reading.notes}</p>{/if}
                {#if correcting === reading.id}<ReadingForm {test} {catalogue} {reading} onread={corrected} />{/if}
                <History kind="readings" id={reading.id} changes={reading.changes} />
            </li>
        {/each}
    </ul>
</section>
