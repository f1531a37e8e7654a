<script lang="ts">
    import { untrack } from 'svelte';
    import type { Schemas } from '../../lib/client';
    import { Sending } from '../../lib/sending.svelte';
    import Choice from '../../parts/Choice.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import SlipNumbers from './SlipNumbers.svelte';
    import { KINDS, SlipState, type Spoon } from './slip.svelte';
    import type { Tally } from './tally.svelte';
    import WaysOut from './WaysOut.svelte';

    const { tally, spoons, onkept }: { tally: Tally; spoons: Spoon[]; onkept: (batch: Schemas['Batch']) => void } = $props();
    const sending = new Sending();
    const load = $derived(tally.batch.plan.loads[tally.load - 1]);
    const slip = untrack(() => (load === undefined ? null : new SlipState(tally.batch, tally.load, load, spoons)));

    $effect(() => slip?.ask(slip.slips));

    let last = $state.raw<Schemas['WayOut']['remedies'][number]['kind'] | null>(null);

    async function keep(kind: Schemas['WayOut']['remedies'][number]['kind']): Promise<void> {
        last = kind;
        const kept = slip === null ? null : await sending.send((_, basedOn) => slip.keep(kind, basedOn));
        if (kept !== null) {
            onkept(kept);
        }
    }
</script>

{#if slip !== null}
    <div class="mt-3 grid gap-x-8 gap-y-4 lg:grid-cols-[2fr_3fr] lg:items-start">
        <div class="grid gap-4">
            {#if slip.before.length > 0}
                <ul class="list-disc pl-6" data-said>
                    {#each slip.before as one, i (i)}<li>{one.words}</li>{/each}
                </ul>
                <button class="btn" onclick={() => (slip.before = [])}>{say('batch/way-out.forget-those')}</button>
            {/if}
            <Choice
                legend={slip.before.length === 0 ? say('batch/way-out.what-went-wrong') : say('batch/way-out.what-else-went-wrong')}
                name="slip"
                options={[...KINDS]}
                bind:value={slip.kind}
            />
            {#if slip.kind !== 'water'}
                <label class="grid gap-1">
                    <span class="font-bold">{say('batch/way-out.with-what')}</span>
                    <select class="select w-full" bind:value={slip.item}>
                        {#each slip.load.items as item (item.key)}<option value={item.key}
                                >{say('batch/way-out.planned', { name: item.name, words: item.words })}</option
                            >{/each}
                    </select>
                </label>
            {/if}
            <SlipNumbers state={slip} />
            {#if slip.slip !== null}<button class="btn" onclick={() => slip.another()}
                    >{say('batch/way-out.and-something-else-went-wrong')}</button
                >{/if}
        </div>
        <div class="grid gap-4">
            <FaultNote fault={slip.ways.fault} />
            {#if slip.ways.value !== null}<WaysOut
                    ways={slip.ways.value}
                    busy={sending.held || slip.ways.asking || slip.ways.fault !== null}
                    onkeep={(kind) => void keep(kind)}
                />{/if}
            <FormFoot form={sending} send={() => void (last === null ? null : keep(last))} />
        </div>
    </div>
{/if}
