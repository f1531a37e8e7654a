<script lang="ts">
    import { untrack } from 'svelte';
    import type { Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import SlipNumbers from './SlipNumbers.svelte';
    import { KINDS, SlipState, type Spoon } from './slip.svelte';
    import type { Tally } from './tally.svelte';
    import WaysOut from './WaysOut.svelte';

    const { tally, spoons, onkept }: { tally: Tally; spoons: Spoon[]; onkept: (batch: Schemas['Batch']) => void } = $props();
    const sending = new Sending();
    const load = $derived(tally.batch.plan.loads[tally.load - 1]);
    const state = untrack(() => (load === undefined ? null : new SlipState(tally.batch.id, tally.load, load, spoons)));

    $effect(() => state?.ask(state.slips));

    async function keep(kind: Schemas['WayOut']['remedies'][number]['kind']): Promise<void> {
        const kept = state === null ? null : await sending.send(() => state.keep(kind));
        if (kept !== null) {
            onkept(kept);
        }
    }
</script>

{#if state !== null}
    <div class="mt-3 grid gap-4">
        {#if state.before.length > 0}
            <ul class="list-disc pl-6" data-said>
                {#each state.before as one, i (i)}<li>{one.words}</li>{/each}
            </ul>
            <button class="btn" onclick={() => (state.before = [])}>Forget those</button>
        {/if}
        <Choice
            legend={state.before.length === 0 ? 'What went wrong' : 'What else went wrong'}
            name="slip"
            options={[...KINDS]}
            bind:value={state.kind}
        />
        {#if state.kind !== 'water'}
            <label class="grid gap-1">
                <span class="font-bold">With what</span>
                <select class="select w-full" bind:value={state.item}>
                    {#each state.load.items as item (item.key)}<option value={item.key}>{item.name}: {item.words} planned</option>{/each}
                </select>
            </label>
        {/if}
        <SlipNumbers {state} />
        {#if state.slip !== null}<button class="btn" onclick={() => state.another()}>And something else went wrong</button>{/if}
        <FaultNote fault={state.ways.fault} />
        {#if state.ways.value !== null}<WaysOut ways={state.ways.value} busy={sending.busy} onkeep={(kind) => void keep(kind)} />{/if}
        <FaultNote fault={sending.fault} />
    </div>
{/if}
