<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { millilitres } from '../../lib/figures';
    import { atTime } from '../../lib/time';
    import By from '../../parts/By.svelte';
    import Correctable from '../../parts/Correctable.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Standing from '../../parts/Standing.svelte';
    import { levelOf } from './outcome';
    import BurnForm from './BurnForm.svelte';
    import RoundForm from './RoundForm.svelte';

    /** Burn is mostly laid to one of the last rounds; of an older one it is told where that is corrected. */
    const LATELY = 2;
    let burning = $state<Record<number, boolean>>({});
    const { one, onsaved }: { one: Schemas['Case']; onsaved: (next: Schemas['Case']) => void } = $props();
</script>

<section class="dish" aria-label={say('cases/rounds.rounds')}>
    <h2>{say('cases/rounds.rounds')}</h2>
    {#if one.rounds.length === 0}<p class="mt-2">{say('cases/rounds.not-sprayed-yet')}</p>{/if}
    <ol class="mt-2 grid gap-4">
        {#each one.rounds as round, i (round.id)}
            <li class="grid gap-1" data-outcome={round.outcome} data-round={round.id}>
                <Correctable
                    kind="rounds"
                    of={round}
                    what={say('cases/rounds.round-of', { i: i + 1, sprayedAt: atTime(round.sprayedAt) })}
                    changes={round.changes}
                >
                    {#snippet head()}
                        <span class="font-bold"
                            >{i + 1}. {atTime(round.sprayedAt)}:
                            {#if round.batch}<a class="link" href={`/batches/${round.batch.id}`}>{round.name}</a
                                >{:else}{round.name}{/if}</span
                        >
                        <By who={round.who} />
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
                        {#if i < one.rounds.length - LATELY}<BurnForm {round} onsaved={(next) => next !== null && onsaved(next)} />{/if}
                    {/snippet}
                    {#if round.bought}<p class="quiet text-sm" data-bought={round.bought.kind}>{round.bought.words}</p>{/if}
                    {#if round.outcome}
                        <div class="flex items-start gap-2">
                            <LevelMark level={levelOf(round.outcome)} silent />
                            <p>{round.because} <Standing verdict={{ standing: round.standing, source: '' }} /></p>
                        </div>
                    {/if}
                    {#if round.formula}<details class="text-sm" data-formula>
                            <summary class="quiet min-h-11 cursor-pointer py-2"
                                >{round.compared ? say('cases/rounds.compared') : say('cases/rounds.not-compared')}</summary
                            >
                            <p class="quiet">{round.formula}</p>
                        </details>{/if}
                    {#if round.handWork}<p class="quiet text-sm">{say('cases/rounds.pruned-wiped-or-washed-down')}</p>{/if}
                    {#if round.rinsed}<p class="quiet text-sm">{say('cases/rounds.rinsed-off')}</p>{/if}
                    {#if round.litres !== null || round.weather}<p class="quiet text-sm" data-then>
                            {[
                                round.litres === null ? '' : say('cases/rounds.some', { litres: millilitres(1000 * round.litres) }),
                                round.weather,
                            ]
                                .filter((part) => part !== '')
                                .join('; ')}.
                        </p>{/if}
                    {#if round.override}<p class="text-sm" data-override>
                            {say('cases/rounds.sprayed-without-proof', { override: round.override })}
                        </p>{/if}
                    {#each round.burns as burn (burn.id)}
                        <div data-burn={burn.id}>
                            <Correctable
                                kind="burns"
                                of={burn}
                                what={say('cases/rounds.burn-after-round', { i: i + 1 })}
                                changes={burn.changes}
                            >
                                {#snippet head()}<span class="flex items-start gap-2"
                                        ><LevelMark level="caution" silent /><span
                                            >{say('cases/rounds.seen', { words: burn.words, seenAt: atTime(burn.seenAt) })}</span
                                        ></span
                                    >{/snippet}
                                {#snippet form(done)}<BurnForm
                                        {round}
                                        {burn}
                                        onsaved={(next) => {
                                            done();
                                            if (next !== null) {
                                                onsaved(next);
                                            }
                                        }}
                                    />{/snippet}
                                {#if burn.photoAt}<img
                                        class="mt-1 max-h-60 max-w-full"
                                        src={`/api/burns/${burn.id}/photo?at=${encodeURIComponent(burn.photoAt)}`}
                                        alt={say('cases/rounds.burn-photograph', { photoAt: atTime(burn.photoAt) })}
                                    />{/if}
                                {#if burn.notes}<p class="quiet whitespace-pre-line">{burn.notes}</p>{/if}
                            </Correctable>
                        </div>
                    {/each}
                    {#if round.notes}<p class="quiet whitespace-pre-line">{round.notes}</p>{/if}
                    {#if i >= one.rounds.length - LATELY}<details class="no-print" bind:open={burning[round.id]}>
                            <summary class="link min-h-11 cursor-pointer py-2 text-sm">{say('cases/rounds.burnt-leaves')}</summary>
                            {#if burning[round.id]}<BurnForm {round} onsaved={(next) => next !== null && onsaved(next)} />{/if}
                        </details>{/if}
                </Correctable>
            </li>
        {/each}
    </ol>
</section>
