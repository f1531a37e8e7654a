<script lang="ts">
    import { onDestroy, untrack } from 'svelte';
    import { Reshake } from './reshake.svelte';

    const { seconds, words }: { seconds: number; words: string } = $props();
    const timer = untrack(() => new Reshake(seconds));
    onDestroy(() => timer.stop());
</script>

<section class="dish grid gap-2" aria-label="Shake again">
    <h2>Shake again every {words}</h2>
    <p>While you spray, so that the tube draws oil and water alike. Keep this page open; a locked screen may silence it.</p>
    {#if timer.running}
        <p class="numeral text-3xl" role="timer">{Math.floor(timer.left / 60)}:{String(timer.left % 60).padStart(2, '0')}</p>
        <p role="status" data-rings={timer.rings}>{timer.rings === 0 ? 'Spraying.' : `Shake now! That was ${timer.rings} of them.`}</p>
        <button class="btn" onclick={() => timer.stop()}>Stop the timer</button>
    {:else}
        <button class="btn" onclick={() => timer.start()}>Start the timer</button>
    {/if}
</section>
