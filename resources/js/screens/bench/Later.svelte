<script lang="ts" module>
    export { default as FirstKit } from './FirstKit.svelte';
</script>

<script lang="ts">
    import { keys } from '../../lib/keys.svelte';
    import type { BenchState } from './bench.svelte';
    import BenchCard from './BenchCard.svelte';
    import Drawers from './Drawers.svelte';
    import type { DrawerName } from './drawers';

    interface Props {
        state: BenchState;
        start: () => Promise<void>;
    }
    const { state: bench, start }: Props = $props();
    let drawers = $state<Drawers>();

    export function show(name: DrawerName): Promise<void> {
        return drawers?.show(name) ?? Promise.resolve();
    }

    /** Asks which bottle somebody has of it. */
    export function word(of: string | null): void {
        drawers?.word(of);
    }

    keys.use(() => ({
        m: { what: say('bench/bench-top.how-much-to-make'), press: () => document.querySelector<HTMLElement>('[data-make]')?.focus() },
        r: { what: say('bench/bench-top.choose-spray'), press: () => document.querySelector<HTMLElement>('[data-recipe]')?.focus() },
        s: { what: say('bench/bench-top.start-mixing'), press: () => void start() },
    }));
</script>

<div class="no-print"><Drawers bind:this={drawers} state={bench} /></div>
{#if bench.plan !== null && bench.recipe !== undefined}<BenchCard
        name={bench.recipe.name}
        plan={bench.plan}
        plant={bench.plant?.name ?? ''}
        sprayer={bench.filling.sprayer}
        unit={{ words: bench.filling.unitWords, mL: bench.filling.unitMl }}
    />{/if}
