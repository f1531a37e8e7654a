<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { onShortDay } from '../../lib/time';
    import LevelMark from '../../parts/LevelMark.svelte';

    /** The leaf tests that speak for it, those on others of its kind among them. */
    interface Props {
        tests: Schemas['LeafTest'][];
        /** What tests and rounds together say, where they let it go. */
        proven: Schemas['PlantPage']['proven'];
        plant: Schemas['Plant'];
    }
    const { tests, proven, plant }: Props = $props();
</script>

<section class="dish" aria-label="What it is proven to bear">
    <h2>What it is proven to bear</h2>
    <p class="quiet">
        {tests.length === 0 ? 'Nothing yet. Until' : 'For any other spray, until'} a leaf test says more, it is taken for what its leaf looks
        like: {plant.toleranceName.toLowerCase()}.
    </p>
    <a class="btn mt-2" href={`/bench?plant=${plant.id}&cup=1`}>Mix a cup to test</a>
    <ul>
        {#each tests as test (test.id)}
            <li class="border-base-300 border-b py-2" data-test={test.id}>
                <a href={`/leaf-tests/${test.id}`} class="flex min-h-11 flex-wrap items-center gap-x-3">
                    <LevelMark level={test.outcome === 'waiting' ? 'wait' : test.level} />
                    <span class="font-bold">{test.batch.name}</span>
                    <span class="quiet">{test.spray.join(', ')}</span>
                </a>
                <p class="quiet text-sm">
                    {test.leaves} leaves, {onShortDay(test.appliedAt)}{test.plant.id === plant.id ? '' : `, on ${test.plant.name}`}. {proven.find(
                        (one) => one.testId === test.id,
                    )?.words ?? test.because}
                </p>
            </li>
        {/each}
    </ul>
</section>
