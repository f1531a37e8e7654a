<script lang="ts">
    import { short } from '../../lib/figures';
    import Sprayer from '../../parts/Sprayer.svelte';
    import type { BenchState } from './bench.svelte';

    const { state }: { state: BenchState } = $props();
    const loads = $derived(state.plan?.loads.length ?? 1);
    const first = $derived(Math.min(state.make || 0, state.capacity));
</script>

<div class="grid gap-3">
    <label class="grid gap-1">
        <span class="font-bold">Sprayer</span>
        <select class="select w-full" value={state.sprayerId} onchange={(event) => state.pickSprayer(Number(event.currentTarget.value))}>
            <option value={0}>None named: all in one go</option>
            {#each state.shelf.sprayers as sprayer (sprayer.id)}<option value={sprayer.id}
                    >{sprayer.name}, {sprayer.words.split(' (')[0]}</option
                >{/each}
        </select>
    </label>
    <Sprayer
        capacity={state.capacity}
        level={first}
        unitWords={state.unitWords}
        unitMl={state.unitMl}
        pours={state.sprayer?.pours ?? []}
        onlevel={(level) => (state.makeText = short(level))}
        caption={loads > 1 ? `First of ${loads} loads. Drag the level for a single load.` : 'Drag the level, or use the arrow keys.'}
    />
    <div class="grid grid-cols-2 gap-2">
        <label class="grid gap-1"
            ><span class="font-bold">Make</span><input
                class="input numeral w-full text-lg"
                inputmode="decimal"
                data-make
                bind:value={state.makeText}
            /></label
        >
        <label class="grid gap-1">
            <span class="font-bold">Unit</span>
            <select class="select w-full" bind:value={state.unit}>
                {#each state.shelf.catalogue.volumeUnits as unit (unit.code)}<option value={unit.code}>{unit.words}</option>{/each}
            </select>
        </label>
    </div>
</div>
