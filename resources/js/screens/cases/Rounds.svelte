<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import History from '../../parts/History.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import { levelOf } from './outcome';
    import RoundForm from './RoundForm.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
    let correcting = $state(0);

    function corrected(next: Schemas['Case']): void {
        correcting = 0;
        onsaved(next);
    }
</script>

<section class="dish" aria-label="Rounds">
    <h2>Rounds</h2>
    {#if one.rounds.length === 0}<p class="mt-2">Not sprayed yet. Mix a spray, test two leaves, count, then spray.</p>{/if}
    <ol class="mt-2 grid gap-4">
        {#each one.rounds as round, i (round.id)}
            {@const what = `Round ${i + 1} of ${atTime(round.sprayedAt)}`}
            <li class="grid gap-1" data-outcome={round.outcome} data-round={round.id}>
                <div class="flex flex-wrap items-center gap-x-3">
                    <p class="min-w-40 flex-1">
                        <span class="font-bold"
                            >{i + 1}. {atTime(round.sprayedAt)}:
                            <a class="link" href={`/batches/${round.batch.id}`}>{round.batch.name}</a></span
                        >{#if round.strength.length > 0}<span class="quiet">, {round.strength.join(', ')}</span>{/if}
                    </p>
                    <span class="no-print flex"
                        ><button
                            class="btn btn-ghost"
                            aria-expanded={correcting === round.id}
                            aria-label={`Correct: ${what}`}
                            onclick={() => (correcting = correcting === round.id ? 0 : round.id)}>Correct</button
                        >
                        <TakeBack kind="rounds" id={round.id} {what} /></span
                    >
                </div>
                {#if correcting === round.id}<RoundForm {one} {round} onsaved={corrected} />{/if}
                {#if round.outcome}
                    <div class="flex items-start gap-2">
                        <LevelMark level={levelOf(round.outcome)} silent />
                        <p>{round.because}</p>
                    </div>
                {/if}
                {#if round.compared}<p class="quiet text-sm">Compared with the unsprayed plant (Henderson and Tilton 1955).</p>{/if}
                {#if round.handWork}<p class="quiet text-sm">Pruned, wiped or washed down the same day.</p>{/if}
                {#if round.notes}<p class="quiet whitespace-pre-line">{round.notes}</p>{/if}
                <History kind="rounds" id={round.id} changes={round.changes} />
            </li>
        {/each}
    </ol>
</section>
