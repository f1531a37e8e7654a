<script lang="ts">
    import type { Schemas } from '../../lib/client';

    /** Told apart by shape, too: a full sun, half of one, a stroke. */
    const { verdict, silent = false }: { verdict: Schemas['Hour']['verdict']; silent?: boolean } = $props();
    const word = $derived({ good: 'Good', workable: 'Workable', no: 'No' }[verdict]);
    const tone = $derived({ good: 'text-success', workable: 'text-warning', no: 'text-error' }[verdict]);
</script>

<span class={['inline-flex shrink-0 items-center gap-1.5 align-middle font-bold', tone]}>
    <svg viewBox="0 0 24 24" width="22" height="22" aria-hidden="true" fill="none" stroke="currentColor" stroke-width="2.5">
        {#if verdict === 'good'}
            <circle cx="12" cy="12" r="9" fill="currentColor" />
        {:else if verdict === 'workable'}
            <circle cx="12" cy="12" r="9" /><path d="M12 3a9 9 0 0 0 0 18z" fill="currentColor" />
        {:else}
            <path d="M4 12h16" stroke-width="4" />
        {/if}
    </svg>
    {#if !silent}<span>{word}</span>{/if}
</span>
