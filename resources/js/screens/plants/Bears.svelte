<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { onShortDay } from '../../lib/time';
    import LevelMark from '../../parts/LevelMark.svelte';

    /** The leaf tests that speak for it, those on others of its kind among them. */
    const { tests, plant }: { tests: Schemas['LeafTest'][]; plant: Schemas['Plant'] } = $props();
</script>

<section class="dish" aria-label="What it is proven to bear">
    <h2>What it is proven to bear</h2>
    {#if tests.length === 0}<p class="quiet">
            Nothing yet: it is taken for what its leaf looks like. A leaf test is begun from a batch that is mixed.
        </p>
        <a class="btn mt-2" href="/batches">Test a batch on it</a>{/if}
    <ul>
        {#each tests as test (test.id)}
            <li class="border-base-300 border-b py-2" data-test={test.id}>
                <a href={`/leaf-tests/${test.id}`} class="flex min-h-11 flex-wrap items-center gap-x-3">
                    <LevelMark level={test.outcome === 'waiting' ? 'wait' : test.level} />
                    <span class="font-bold">{test.batch.name}</span>
                    <span class="quiet">{test.spray.join(', ')}</span>
                </a>
                <p class="quiet text-sm">
                    {test.leaves} leaves, {onShortDay(test.appliedAt)}{test.plant.id === plant.id ? '' : `, on ${test.plant.name}`}. {test.because}
                </p>
            </li>
        {/each}
    </ul>
</section>
