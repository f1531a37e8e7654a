<script lang="ts">
    import type { Snippet } from 'svelte';

    /** What stands on the bench fills the first screen down to the apron, which stays in view. */
    const { wall, apron, label }: { wall: Snippet; apron: Snippet; label: string } = $props();
    let height = $state(0);
</script>

<div class="flex flex-col" style:min-height={`calc(100dvh - var(--above) - var(--below) - ${height}px)`}>{@render wall()}</div>
<section
    aria-label={label}
    bind:offsetHeight={height}
    class="apron no-print sticky bottom-[var(--below)] z-5 -mx-4 px-4 py-3 lg:-mx-6 lg:px-6"
    data-part="apron"
>
    {@render apron()}
</section>
