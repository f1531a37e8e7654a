<script lang="ts" generics="T">
    import type { Snippet } from 'svelte';
    import type { Loaded } from '../lib/loaded.svelte';
    import FaultNote from './FaultNote.svelte';

    const { of, children }: { of: Loaded<T>; children: Snippet<[T]> } = $props();
</script>

<FaultNote fault={of.fault} again={() => void of.reload()} />
{#if of.value !== null}
    {@render children(of.value)}
{:else if of.fault === null}
    <p class="quiet py-8" role="status">{say('parts/waiting.one-moment')}</p>
{/if}
