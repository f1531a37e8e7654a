<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { atTime } from '../../lib/time';
    import Correctable from '../../parts/Correctable.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import { bare } from '../../lib/verdicts';
    import { levelOf } from './outcome';
    import RoundForm from './RoundForm.svelte';

    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
</script>

<section class="dish" aria-label="Rounds">
    <h2>Rounds</h2>
    {#if one.rounds.length === 0}<p class="mt-2">Not sprayed yet.</p>{/if}
    <ol class="mt-2 grid gap-4">
        {#each one.rounds as round, i (round.id)}
            <li class="grid gap-1" data-outcome={round.outcome} data-round={round.id}>
                <Correctable kind="rounds" of={round} what={`Round ${i + 1} of ${atTime(round.sprayedAt)}`} changes={round.changes}>
                    {#snippet head()}
                        <span class="font-bold"
                            >{i + 1}. {atTime(round.sprayedAt)}:
                            <a class="link" href={`/batches/${round.batch.id}`}>{round.batch.name}</a></span
                        >
                    {/snippet}
                    {#snippet form(done)}
                        <RoundForm
                            {one}
                            {round}
                            onsaved={(next) => {
                                done();
                                onsaved(next);
                            }}
                        />
                    {/snippet}
                    {#if round.outcome}
                        <div class="flex items-start gap-2">
                            <LevelMark level={levelOf(round.outcome)} silent />
                            <p>{bare(round.because)}</p>
                        </div>
                    {/if}
                    {#if round.compared}<p class="quiet text-sm">Compared with the unsprayed plant.</p>{/if}
                    {#if round.handWork}<p class="quiet text-sm">Pruned, wiped or washed down the same day.</p>{/if}
                    {#if round.notes}<p class="quiet whitespace-pre-line">{round.notes}</p>{/if}
                </Correctable>
            </li>
        {/each}
    </ol>
</section>
