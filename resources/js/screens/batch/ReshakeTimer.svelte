<script lang="ts">
    import { onDestroy, untrack } from 'svelte';
    import { Reshake } from './reshake.svelte';

    const { seconds, words }: { seconds: number; words: string } = $props();
    const timer = untrack(() => new Reshake(seconds));
    onDestroy(() => timer.stop());
</script>

<section class="dish grid gap-2" aria-label={say('batch/reshake-timer.shake-again')}>
    <h2>{say('batch/reshake-timer.shake-again-every', { words })}</h2>
    <p>{say('batch/reshake-timer.while-you-spray-so-that')}</p>
    {#if timer.running}
        <p class="numeral text-3xl" role="timer">{Math.floor(timer.left / 60)}:{String(timer.left % 60).padStart(2, '0')}</p>
        <p role="status" data-rings={timer.rings}>
            {timer.rings === 0
                ? say('batch/reshake-timer.spraying')
                : say('batch/reshake-timer.shake-now-that-was-of', { rings: timer.rings })}
        </p>
        <button class="btn" onclick={() => timer.stop()}>{say('batch/reshake-timer.stop-timer')}</button>
    {:else}
        <button class="btn" onclick={() => timer.start()}>{say('batch/reshake-timer.start-timer')}</button>
    {/if}
</section>
