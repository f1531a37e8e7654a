<script lang="ts">
    /** Silent where the sentence beside it begins with its own word. */
    const { level, silent = false }: { level: 'ok' | 'caution' | 'stop' | 'wait' | 'fault'; silent?: boolean } = $props();
    const word = $derived(
        { ok: 'Fine', caution: say('parts/level-mark.take-care'), stop: 'Stop', wait: 'Wait', fault: say('parts/level-mark.not-done') }[
            level
        ],
    );
    const tone = $derived(
        { ok: 'text-success', caution: 'text-warning', stop: 'text-error', wait: 'text-info', fault: 'text-error' }[level],
    );
</script>

<!-- Told apart by shape and word, too: a round seal, a wedge, an eight-sided plate, an hourglass, a torn line. -->
<span class={['inline-flex shrink-0 items-center gap-1.5 font-bold', tone]}>
    <svg
        viewBox="0 0 24 24"
        width="24"
        height="24"
        aria-hidden="true"
        fill="none"
        stroke="currentColor"
        stroke-width="2.5"
        stroke-linejoin="round"
        stroke-linecap="round"
    >
        {#if level === 'ok'}
            <circle cx="12" cy="12" r="9.5" /><path d="m7.5 12.5 3 3 6-7" />
        {:else if level === 'caution'}
            <path d="M12 3 22 21H2z" /><path d="M12 10v5M12 18v.1" />
        {:else if level === 'stop'}
            <path d="M8 2.5h8L21.5 8v8L16 21.5H8L2.5 16V8z" fill="currentColor" /><path d="M7 12h10" stroke="var(--color-base-100)" />
        {:else if level === 'fault'}
            <path d="M2 12h6l2-4M22 12h-6l-2 4M12 3v3M12 18v3" />
        {:else}
            <path d="M6 3h12M6 21h12M7.5 3c0 5 9 6 9 18M16.5 3c0 5-9 6-9 18" />
        {/if}
    </svg>
    {#if !silent}<span>{word}</span>{/if}
</span>
