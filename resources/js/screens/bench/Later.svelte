<script lang="ts" module>
    export { default as FirstKit } from './FirstKit.svelte';
</script>

<script lang="ts">
    import type { BenchState } from './bench.svelte';
    import BenchCard from './BenchCard.svelte';
    import Drawers from './Drawers.svelte';
    import type { DrawerName } from './drawers';

    const { state: bench }: { state: BenchState } = $props();
    let drawers = $state<Drawers>();

    export function show(name: DrawerName): Promise<void> {
        return drawers?.show(name) ?? Promise.resolve();
    }
</script>

<div class="no-print"><Drawers bind:this={drawers} state={bench} /></div>
{#if bench.plan !== null && bench.recipe !== undefined}<BenchCard
        name={bench.recipe.name}
        plan={bench.plan}
        plant={bench.plant?.name ?? ''}
        sprayer={bench.filling.sprayer}
        unit={{ words: bench.filling.unitWords, mL: bench.filling.unitMl }}
    />{/if}
