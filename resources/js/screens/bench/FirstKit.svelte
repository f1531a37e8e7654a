<script lang="ts">
    import { untrack } from 'svelte';
    import OneTap from '../shed/OneTap.svelte';
    import type { BenchState } from './bench.svelte';

    /** Where nobody named a sprayer yet, that is asked here, and then what there is to measure with. */
    const { state: bench }: { state: BenchState } = $props();
    const first = untrack(() => bench.shelf.sprayers.length === 0);
    const missing = $derived(bench.shelf.sprayers.length === 0 ? 'sprayers' : bench.shelf.kit.length === 0 ? 'spoons' : null);
    const id = $props.id();
</script>

{#if first && missing !== null}<section class="grid gap-1" aria-labelledby={id} data-first-kit={missing}>
        <h2 {id} class="text-base">
            {missing === 'sprayers' ? say('shed/one-tap.sprayed-from') : say('shed/one-tap.measured-with')}
        </h2>
        <OneTap catalogue={bench.shelf.catalogue} of={missing} row onadded={() => void bench.restock()} />
    </section>{/if}
