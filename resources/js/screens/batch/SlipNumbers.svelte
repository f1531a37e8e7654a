<script lang="ts">
    import type { SlipState } from './slip.svelte';

    const { state }: { state: SlipState } = $props();
</script>

{#if (state.kind === 'count' || state.kind === 'measure') && state.scoops.length > 1}
    <label class="grid gap-1"
        ><span class="font-bold">Which measure</span><select class="select w-full" bind:value={state.scoop}
            >{#each state.scoops as scoop, i (i)}<option value={i}>{scoop.count} × {scoop.words} planned</option>{/each}</select
        ></label
    >
{/if}
{#if state.kind === 'count'}
    <p class="font-bold">How many times {state.scoops[state.scoopAt]?.words} went in</p>
    <div class="grid grid-cols-2 items-end gap-2">
        <label class="grid gap-1"
            ><span>At least</span><input class="input numeral w-full text-lg" inputmode="numeric" bind:value={state.from} /></label
        >
        <label class="grid gap-1"
            ><span>At most <span class="quiet">(empty when sure)</span></span><input
                class="input numeral w-full text-lg"
                inputmode="numeric"
                bind:value={state.to}
            /></label
        >
    </div>
{:else if state.kind === 'measure'}
    <label class="grid gap-1"
        ><span class="font-bold">Used instead, {state.scoops[state.scoopAt]?.count} times</span><select
            class="select w-full"
            bind:value={state.measure}
            >{#each state.spoons as spoon, i (i)}<option value={i}>{spoon.words}</option>{/each}</select
        ></label
    >
{:else if state.kind === 'water'}
    <div class="grid grid-cols-2 gap-2">
        <label class="grid gap-1"
            ><span class="font-bold">Water that is really in</span><input
                class="input numeral w-full text-lg"
                inputmode="decimal"
                bind:value={state.water}
            /></label
        >
        <label class="grid gap-1"
            ><span class="font-bold">Unit</span><select class="select w-full" bind:value={state.waterUnit}
                ><option value="L">L</option><option value="mL">mL</option><option value="[gal_us]">US gal</option><option value="[qt_us]"
                    >US qt</option
                ></select
            ></label
        >
    </div>
{/if}
