<script lang="ts">
    import type { Snippet } from 'svelte';

    const { title, children }: { title: string; children?: Snippet } = $props();
</script>

<svelte:head><title>{title} · Idle Mixer</title></svelte:head>
<div class="mb-4 flex flex-wrap items-center gap-x-6 gap-y-2">
    <h1>{title}</h1>
    {#if children}<div class="no-print flex flex-wrap gap-2 sm:ml-auto">{@render children()}</div>{/if}
</div>
