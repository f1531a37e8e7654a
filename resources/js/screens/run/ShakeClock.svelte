<script lang="ts">
    import { onDestroy, onMount, untrack } from 'svelte';
    import { Reshake } from '../batch/reshake.svelte';

    const { seconds, words }: { seconds: number; words: string } = $props();
    const timer = untrack(() => new Reshake(seconds));
    /** For so long after it rang, shaking is what is read first. */
    const FRESH = 15;
    const now = $derived(timer.rings > 0 && timer.seconds - timer.left < FRESH);
    onMount(() => timer.start());
    onDestroy(() => timer.stop());
</script>

<div class="grid gap-1" data-shake={timer.rings}>
    {#if now}<p class="text-error text-3xl font-bold" role="status">{say('run/shake-clock.shake-now')}</p>{/if}
    <p class="flex items-baseline gap-3">
        <span class="numeral text-3xl" role="timer">{Math.floor(timer.left / 60)}:{String(timer.left % 60).padStart(2, '0')}</span>
        <span>{say('run/shake-clock.to-next-shake', { words })}</span>
    </p>
</div>
