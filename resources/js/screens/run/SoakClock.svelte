<script lang="ts">
    import { onDestroy, onMount } from 'svelte';
    import { vibrate } from '../batch/reshake.svelte';
    import type { Bed } from './bed.svelte';

    const { bed }: { bed: Bed } = $props();
    const SECOND = 1000;
    let left = $state(0);
    let timer: ReturnType<typeof setInterval> | undefined;
    let rang = false;

    function look(): void {
        left = Math.max(0, Math.ceil((bed.left ?? 0) / SECOND));
        if (left === 0 && !rang) {
            rang = true;
            vibrate();
        }
    }
    onMount(() => {
        look();
        timer = setInterval(look, SECOND / 2);
    });
    onDestroy(() => clearInterval(timer));
</script>

<p class="numeral text-4xl" role="timer" data-soak={left}>
    {#if left > 0}{Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')}{:else}{say('run/soak-clock.has-soaked')}{/if}
</p>
