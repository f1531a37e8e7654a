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

<section class="dish" aria-label={say('plants/bears.what-proven-to-bear')}>
    <h2>{say('plants/bears.what-proven-to-bear')}</h2>
    <p class="quiet">
        {say('plants/bears.leaf-test-says-more-taken', {
            tests: tests.length === 0 ? say('plants/bears.nothing-yet-until') : say('plants/bears.for-any-other-spray-until'),
            toleranceName: plant.toleranceName.toLowerCase(),
        })}
    </p>
    <a class="btn mt-2" href={`/bench?plant=${plant.id}&cup=1`}>{say('plants/bears.mix-cup-to-test')}</a>
    <ul>
        {#each tests as test (test.id)}
            <li class="border-base-300 border-b py-2" data-test={test.id}>
                <a href={`/leaf-tests/${test.id}`} class="flex min-h-11 flex-wrap items-center gap-x-3">
                    <LevelMark level={test.outcome === 'waiting' ? 'wait' : test.level} />
                    <span class="font-bold">{test.batch.name}</span>
                    <span class="quiet">{test.spray.join(', ')}</span>
                </a>
                <p class="quiet text-sm">
                    {say('plants/bears.leaves', {
                        leaves: test.leaves,
                        appliedAt: onShortDay(test.appliedAt),
                        id: test.plant.id === plant.id ? '' : say('plants/bears.on', { name: test.plant.name }),
                        words: proven.find((one) => one.testId === test.id)?.words ?? test.because,
                    })}
                </p>
            </li>
        {/each}
    </ul>
</section>
