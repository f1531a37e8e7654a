<script lang="ts">
    import type { SlipState } from './slip.svelte';

    const { state }: { state: SlipState } = $props();
    /** What hands that lost count say most. */
    const COUNTS = ['one too many', 'about two too many', 'one too few', 'half of it', 'do not know'];
</script>

{#if state.kind !== 'left-out' && state.kind !== 'water' && state.scoops.length > 1}
    <label class="grid gap-1"
        ><span class="font-bold">Which measure</span><select class="select w-full" bind:value={state.scoop}
            >{#each state.scoops as scoop, i (i)}<option value={i}>{scoop.count} × {scoop.words} planned</option>{/each}</select
        ></label
    >
{/if}
{#if state.kind === 'count' || state.kind === 'ran-out'}
    <label class="grid gap-1"
        ><span class="font-bold"
            >How many times {state.scoops[state.scoopAt]?.words} went in{state.kind === 'ran-out' ? ' before it was gone' : ''}</span
        ><input
            class="input numeral w-full text-lg"
            maxlength="60"
            placeholder="4, 2½, about 5, two too many, do not know"
            bind:value={state.said}
        /></label
    >
    <div class="flex flex-wrap gap-2">
        {#each COUNTS as one (one)}<button type="button" class="btn" onclick={() => (state.said = one)}>{one}</button>{/each}
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
