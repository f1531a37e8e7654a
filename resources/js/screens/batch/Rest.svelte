<script lang="ts">
    import { untrack } from 'svelte';
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Waiting from '../../parts/Waiting.svelte';

    const { batch }: { batch: number } = $props();
    const rest = untrack(() => new Loaded(() => taken(api.GET('/api/batches/{id}/rest', { params: { path: { id: batch } } }))));
</script>

<Waiting of={rest}>
    {#snippet children(all)}
        <p class="font-bold" data-rest>
            {say('batch/rest.left', {
                leftWords: all.leftWords,
                until: all.until === null ? '' : say('batch/rest.good-until', { until: atTime(all.until) }),
            })}
        </p>
        <p class="mt-1">{all.where}</p>
        <ul class="mt-2 grid gap-1">
            {#each all.plants as plant (plant.id)}
                <li class="grid grid-cols-[auto_1fr] gap-x-2">
                    <LevelMark level={plant.level} silent />
                    <span><strong>{plant.name}</strong>{plant.level === 'ok' ? say('batch/rest.may-go-there') : `: ${plant.because}`}</span>
                </li>
            {/each}
        </ul>
    {/snippet}
</Waiting>
