<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import { levelOf } from './outcome';
    import LevelMark from '../../parts/LevelMark.svelte';

    const { one }: { one: Schemas['Case'] } = $props();
</script>

<section class="dish" aria-label="Rounds">
    <h2>Rounds</h2>
    {#if one.rounds.length === 0}<p class="mt-2">Not sprayed yet. Mix a spray, test two leaves, count, then spray.</p>{/if}
    <ol class="mt-2 grid gap-4">
        {#each one.rounds as round, i (round.id)}
            <li class="grid gap-1" data-outcome={round.outcome}>
                <p class="font-bold">
                    {i + 1}. {atTime(round.sprayedAt)}: <a class="link" href={`/batches/${round.batch.id}`}>{round.batch.name}</a>
                </p>
                {#if round.outcome}
                    <div class="flex items-start gap-2">
                        <LevelMark level={levelOf(round.outcome)} silent />
                        <p>{round.because}</p>
                    </div>
                {/if}
                {#if round.compared}<p class="quiet text-sm">Compared with the unsprayed plant (Henderson and Tilton 1955).</p>{/if}
                {#if round.handWork}<p class="quiet text-sm">Pruned, wiped or washed down the same day.</p>{/if}
                {#if round.notes}<p class="quiet whitespace-pre-line">{round.notes}</p>{/if}
            </li>
        {/each}
    </ol>
</section>
