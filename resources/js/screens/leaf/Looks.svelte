<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import Correctable from '../../parts/Correctable.svelte';
    import LeafDrawing from './LeafDrawing.svelte';
    import ReadingForm from './ReadingForm.svelte';

    interface Props {
        test: Schemas['LeafTest'];
        catalogue: Schemas['Catalogue'];
        onread: (test: Schemas['LeafTest']) => void;
    }
    const { test, catalogue, onread }: Props = $props();
</script>

<section class="dish" aria-label="Looks so far">
    <h2>Looks so far</h2>
    {#if test.readings.length === 0}<p class="quiet mt-2">None yet.</p>{/if}
    <ul class="mt-2 grid gap-4">
        {#each test.readings as reading (reading.id)}
            <li data-look={reading.id}>
                <Correctable kind="readings" of={reading} what={`The look of ${atTime(reading.readAt)}`} changes={reading.changes}>
                    {#snippet head()}<span class="font-bold">{atTime(reading.readAt)}</span>{/snippet}
                    {#snippet form(done)}
                        <ReadingForm
                            {test}
                            {catalogue}
                            {reading}
                            onread={(next) => {
                                done();
                                onread(next);
                            }}
                        />
                    {/snippet}
                    <ul class="flex flex-wrap gap-4">
                        {#each reading.reactions as reaction, n (n)}
                            <li class="grid justify-items-center text-sm"><LeafDrawing {reaction} />leaf {n + 1}: {reaction}</li>
                        {/each}
                    </ul>
                    {#if reading.notes}<p class="whitespace-pre-line">{reading.notes}</p>{/if}
                </Correctable>
            </li>
        {/each}
    </ul>
</section>
