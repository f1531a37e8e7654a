<script lang="ts">
    import { untrack } from 'svelte';
    import type { Schemas } from '../../lib/client';
    import { millilitres } from '../../lib/figures';
    import { Form } from '../../lib/form.svelte';
    import { keys } from '../../lib/keys.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import { standing } from '../../parts/heights';
    import Sprayer from '../../parts/Sprayer.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import FinishForm from './FinishForm.svelte';
    import StandTests from './StandTests.svelte';
    import type { Spoon } from './slip.svelte';
    import StepRow from './StepRow.svelte';
    import WayOut from './WayOut.svelte';
    import { Tally } from './tally.svelte';

    const {
        batch,
        catalogue,
        spoons,
        onfinished,
    }: {
        batch: Schemas['Batch'];
        catalogue: Schemas['Catalogue'];
        spoons: Spoon[];
        onfinished: (batch: Schemas['Batch']) => void;
    } = $props();
    let slipping = $state(false);

    keys.use(() => ({
        n: { what: 'tick the next spoonful', press: () => tally.tickNext() },
        u: { what: 'take the last tick back', press: () => tally.undo() },
        x: { what: 'something went wrong', press: () => (slipping = !slipping) },
    }));

    /** The ticks on this screen are newer than the answer. */
    function slipped(next: Schemas['Batch']): void {
        slipping = false;
        if (next.status === 'discarded') {
            onfinished(next);
        } else {
            tally.batch = { ...tally.batch, version: next.version, slips: next.slips };
        }
    }

    const tally = untrack(() => new Tally(batch));
    $effect(() => tally.watch());
    /** An empty glass is what the last one showed. */
    const finish = untrack(() => new Form(`finish-batch-${batch.id}`, { glass: '', keeping: 'strict', notes: '' }));
    $effect(() => {
        // Whoever is about to finish it is told when it is saved that somebody else did, and chooses.
        if (tally.batch.status !== 'mixing' && !finish.touched) {
            onfinished(tally.batch);
        }
    });
    const plan = $derived(tally.batch.plan.loads[tally.load - 1]);
    const pours = $derived(tally.batch.sprayer?.pours ?? []);
    const holds = $derived(tally.batch.sprayer?.holds ?? { amount: (plan?.finished_mL ?? 1000) / 1000, unit: 'L' });
    const unit = $derived(catalogue.volumeUnits.find((one) => one.code === holds.unit) ?? { words: 'L', mL: 1000 });
</script>

<p class="mb-4 text-lg">
    {millilitres(tally.batch.plan.finished_mL)} in {tally.batch.plan.spoken.loads}.
    <strong data-tally>{tally.ticked} of {tally.planned} spoonfuls are in.</strong>
</p>
<FaultNote fault={tally.fault} />
{#if tally.loads > 1}
    <div class="mb-4 flex flex-wrap gap-2" role="group" aria-label="Loads">
        {#each tally.batch.plan.loads as load, i (i)}
            <button
                class={['btn', i + 1 === tally.load && 'btn-primary']}
                aria-pressed={i + 1 === tally.load}
                onclick={() => (tally.load = i + 1)}>Load {i + 1}: {load.spoken}</button
            >
        {/each}
    </div>
{/if}
<div class="grid items-start gap-4 lg:grid-cols-[minmax(0,1.6fr)_minmax(16rem,1fr)]">
    <section class="dish" aria-label="Steps">
        {#each tally.batch.slips.filter((one) => one.load === tally.load) as slip (slip.load)}
            <p class="border-warning mb-3 border-l-8 pl-3" data-slip>
                Something went wrong with this load. Written down: <strong>{slip.words}</strong>.
            </p>
        {/each}
        <ol class="grid gap-3">
            {#each plan?.tasks ?? [] as task, i (i)}
                <StepRow
                    number={i + 1}
                    {task}
                    item={tally.shown.find((one) => one.key === task.item)}
                    {tally}
                    stands={task.level_mL > (plan?.tasks[i - 1]?.level_mL ?? 0) ? standing(task.level_mL, unit, pours) : ''}
                />
            {/each}
        </ol>
        <button class="btn mt-4 w-full" aria-expanded={slipping} onclick={() => (slipping = !slipping)}>Something went wrong</button>
        {#if slipping}{#key tally.load}<WayOut {tally} {spoons} onkept={slipped} />{/key}{/if}
    </section>
    <section class="grid content-start gap-4" aria-label="The sprayer">
        <div class="dish">
            <Sprayer
                capacity={holds.amount}
                level={tally.level / unit.mL}
                unitWords={unit.words}
                unitMl={unit.mL}
                {pours}
                caption="As far as the ticks say."
            />
        </div>
        {#if tally.batch.plan.emulsion.verdict !== 'none-needed'}
            <StandTests
                batch={tally.batch}
                {catalogue}
                ontested={(next) =>
                    (tally.batch = { ...tally.batch, version: next.version, standTest: next.standTest, standTests: next.standTests })}
            />
        {/if}
        <FinishForm {tally} form={finish} {catalogue} {onfinished} />
        <div class="text-right">
            <TakeBack kind="batches" of={batch} what="The batch" label="Take the batch back" leave="/batches" />
        </div>
    </section>
</div>
<section class="dish mt-4">
    <h2>Cautions</h2>
    <ul class="my-2 list-disc space-y-1 pl-6">
        {#each tally.batch.plan.cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
    </ul>
</section>
