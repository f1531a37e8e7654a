<script lang="ts">
    /** Who wrote a record down; nothing where nobody was said. */
    const { who }: { who: string } = $props();
</script>

{#if who !== ''}<span class="quiet" data-who>{say('parts/by.by', { who })}</span>{/if}
