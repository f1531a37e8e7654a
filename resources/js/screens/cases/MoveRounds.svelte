<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { onShortDay } from '../../lib/time';
    import FaultNote from '../../parts/FaultNote.svelte';
    import type { Moving } from './moving.svelte';

    interface Props {
        moving: Moving;
        best: Schemas['Outlook'] | undefined;
        busy: boolean;
        onkeep: (on: string[]) => void;
        onleave: () => void;
    }
    /** The same as dragging, by buttons: each round a day sooner or later, one less, one more. */
    const { moving, best, busy, onkeep, onleave }: Props = $props();
    const rounds = $derived(moving.shown?.rounds ?? moving.on);
</script>

<div class="no-print my-3 grid gap-2" data-move-rounds>
    <p class="min-h-12" role="status"><strong>{moving.shown?.words ?? ''}</strong></p>
    <ol class="grid gap-1">
        {#each rounds as on, which (which)}
            {@const sooner = moving.beside(which, false)}
            {@const later = moving.beside(which, true)}
            {@const day = onShortDay(on)}
            <li class="flex items-center gap-2">
                <button
                    class="btn w-12"
                    disabled={sooner === null}
                    aria-label={say('cases/move-rounds.sooner', { day })}
                    onclick={() => moving.take(sooner)}>−</button
                ><span class="numeral min-w-24 text-center">{day}</span><button
                    class="btn w-12"
                    disabled={later === null}
                    aria-label={say('cases/move-rounds.later', { day })}
                    onclick={() => moving.take(later)}>+</button
                ><button
                    class="btn btn-ghost"
                    disabled={!moving.known || rounds.length < 2}
                    aria-label={say('cases/move-rounds.leave-out-day', { day })}
                    onclick={() => moving.take(moving.answers[which]?.without)}>{say('cases/move-rounds.leave-out')}</button
                >
            </li>
        {/each}
    </ol>
    <div class="flex flex-wrap gap-2">
        <button class="btn" disabled={!moving.known || moving.more === null} onclick={() => moving.take(moving.more)}
            >{say('cases/move-rounds.one-more')}</button
        >
        {#if best !== undefined && best.rounds.length > 0}<button
                class="btn"
                disabled={best.rounds.join() === moving.on.join()}
                onclick={() => moving.take(best)}>{say('cases/move-rounds.take-best')}</button
            >{/if}
    </div>
    <FaultNote fault={moving.fault} />
    <div class="flex flex-wrap gap-2">
        <button class="act" disabled={busy || !moving.known || moving.on.length === 0} onclick={() => onkeep(moving.on)}
            >{say('cases/move-rounds.have-it-so')}</button
        ><button class="btn" disabled={busy} onclick={onleave}>{say('cases/move-rounds.never-mind')}</button>
    </div>
</div>
