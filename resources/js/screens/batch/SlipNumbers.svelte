<script lang="ts">
    import AmountField from '../../parts/AmountField.svelte';
    import type { SlipState } from './slip.svelte';

    const { state }: { state: SlipState } = $props();
    const VOLUMES = [
        { code: 'L', words: 'L' },
        { code: 'mL', words: 'mL' },
        { code: '[gal_us]', words: 'US gal' },
        { code: '[qt_us]', words: 'US qt' },
        { code: '[cup_us]', words: 'cups' },
        { code: '[gal_br]', words: 'imp gal' },
        { code: '[pt_br]', words: 'imp pt' },
    ] as const;
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
            value={state.said}
            onchange={(event) => (state.said = event.currentTarget.value)}
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
    <AmountField label="Water that is really in" units={VOLUMES} bind:amount={state.water} bind:unit={state.waterUnit} />
{/if}
