<script lang="ts">
    import { untrack } from 'svelte';
    import { isMixed } from '../../lib/bottle';
    import { end } from '../../lib/batches';
    import { api, taken, type Schemas } from '../../lib/client';
    import { Form } from '../../lib/form.svelte';
    import { keys } from '../../lib/keys.svelte';
    import Head from '../../parts/Head.svelte';
    import { Sending } from '../../lib/sending.svelte';
    import FormFoot from '../../parts/FormFoot.svelte';
    import FaultNote from '../../parts/FaultNote.svelte';
    import TakeBack from '../../parts/TakeBack.svelte';
    import { stayAwake } from './awake';
    import FinishForm, { type Finishing } from './FinishForm.svelte';
    import Happened from './Happened.svelte';
    import MixingSheet from './MixingSheet.svelte';
    import OneStep from './OneStep.svelte';
    import type { Spoon } from './slip.svelte';
    import StepRow from './StepRow.svelte';
    import { Tally } from './tally.svelte';
    import { Walk } from './walk.svelte';
    import WayOut from './WayOut.svelte';

    interface Props {
        batch: Schemas['Batch'];
        catalogue: Schemas['Catalogue'];
        spoons: Spoon[];
        onfinished: (batch: Schemas['Batch']) => void;
    }
    const { batch, catalogue, spoons, onfinished }: Props = $props();
    let slipping = $state(false);
    const tally = untrack(() => new Tally(batch));
    const walk = new Walk(tally);
    $effect(() => tally.watch());
    $effect(() => stayAwake());
    /** An empty glass is what the last one showed. */
    const finish = untrack(() => new Form<Finishing>(`finish-batch-${batch.id}`, { keeping: 'strict', notes: '' }));

    keys.use(() => ({
        n: {
            what: say('batch/mixing.tick-what-comes-next'),
            press: () => {
                tally.tickNext();
                walk.on();
            },
        },
        u: { what: say('batch/mixing.take-last-tick-back'), press: () => tally.undo() },
        x: { what: say('batch/mixing.something-went-wrong'), press: () => (slipping = !slipping) },
    }));

    /** What two devices ticked while they were apart, until somebody said what is so. */
    const twice = $derived(
        tally.batch.slips.some((one) => one.load === tally.load)
            ? ''
            : tally.batch.items
                  .filter((item) => item.load === tally.load && item.scoops.some((scoop) => scoop.again.length > 0))
                  .map((item) => item.name)
                  .join(', '),
    );

    /** The ticks on this screen are newer than the answer. */
    function slipped(next: Schemas['Batch']): void {
        slipping = false;
        if (next.bottle.end !== null) {
            onfinished(next);
        } else {
            tally.batch = { ...tally.batch, version: next.version, slips: next.slips };
        }
    }

    function happened(next: Schemas['Batch']): void {
        slipping = false;
        tally.batch = { ...tally.batch, version: next.version, lines: next.lines, refill: next.refill, standTest: next.standTest };
    }

    const refilling = new Sending();

    /** What went with what was spilled is back in: one thing after the other, each a line. */
    async function refill(): Promise<void> {
        for (const { ingredient, amount } of tally.batch.refill) {
            const saved = await refilling.send((submission) =>
                taken(
                    api.POST('/api/batches/{id}/lines', {
                        params: { path: { id: batch.key } },
                        body: { submission, kind: 'added', load: tally.load, ingredient, amount },
                    }),
                ),
            );
            if (saved === null) {
                return;
            }
            happened(saved);
        }
    }

    /** What was mixed is sprayed, and the loads that are left are not needed. */
    async function enough(): Promise<void> {
        onfinished(await end(batch.key, true));
    }

    $effect(() => {
        // Whoever is about to finish it is told when it is saved that somebody else did, and chooses.
        if (isMixed(tally.batch.bottle) && !finish.touched) {
            onfinished(tally.batch);
        }
    });
</script>

{#snippet top()}
    <div class="flex flex-wrap items-center gap-x-4">
        <Head title={batch.name} small />
        <p>
            <strong data-tally>{say('batch/mixing.of-spoonfuls-are-in', { ticked: tally.ticked, planned: tally.planned })}</strong>
            {tally.batch.plan.spoken.make.split(' (')[0]}
        </p>
        {#if tally.loads - tally.mixed > 1}
            <div class="flex flex-wrap gap-2" role="group" aria-label={say('batch/mixing.loads')}>
                {#each tally.batch.plan.loads.slice(tally.mixed).map((_, n) => tally.mixed + n) as i (i)}
                    <button
                        class={['min-h-11 rounded border-2 px-3', i + 1 === tally.load ? 'border-primary font-bold' : 'border-base-300']}
                        aria-pressed={i + 1 === tally.load}
                        onclick={() => walk.toLoad(i + 1)}>{say('batch/mixing.load', { i: i + 1 })}</button
                    >
                {/each}
            </div>
        {/if}
        {#if tally.mixed > 0}<button class="link min-h-11" onclick={() => void enough()} data-enough
                >{say('batch/mixing.no-more-is-needed')}</button
            >{/if}
        <button class="link ml-auto min-h-11 font-bold" aria-expanded={slipping} onclick={() => (slipping = !slipping)}
            >{say('batch/mixing.something-went-wrong-2')}</button
        >
    </div>
    <FaultNote fault={tally.fault} />
    {#if twice !== ''}<p class="border-warning my-2 border-l-8 pl-3" data-twice>
            {say('batch/mixing.two-may-have-gone-in', { twice })}
            <button class="link min-h-11 font-bold" onclick={() => (slipping = true)}>{say('batch/mixing.way-out')}</button>
        </p>{/if}
    {#each tally.batch.slips.filter((one) => one.load === tally.load) as slip (slip.load)}
        <p class="border-warning my-2 border-l-8 pl-3" data-slip>
            {say('batch/mixing.something-went-wrong-with-this')} <strong>{slip.words}</strong>.
        </p>
    {/each}
    {#if tally.batch.lines.length > 0 && !slipping}
        <ul class="my-2 list-disc pl-6" data-lines>
            {#each tally.batch.lines as line (line.id)}<li>{line.words}</li>{/each}
        </ul>
    {/if}
    {#if tally.batch.refill.length > 0 && !slipping}<div class="border-warning my-2 border-l-8 pl-3" data-refill>
            <p>{say('batch/mixing.put-back', { what: tally.batch.refill.map((one) => one.words).join(', ') })}</p>
            <button class="btn" disabled={refilling.held} onclick={() => void refill()}>{say('batch/mixing.i-put-it-back')}</button>
            <FormFoot form={refilling} send={() => void refill()} />
        </div>{/if}
    {#if slipping}
        <Happened batch={tally.batch} {catalogue} load={tally.load} onkept={happened} />
        {#key tally.load}<WayOut {tally} {spoons} onkept={slipped} />{/key}
    {/if}
{/snippet}
<div class="no-print">
    {#if walk.finishing}
        {@render top()}
        <FinishForm {tally} form={finish} {catalogue} {onfinished} back={() => walk.back()} another={(load) => walk.toLoad(load)} />
    {:else}
        <OneStep {tally} {walk} {catalogue} {top} />
    {/if}
    <details class="mt-4" data-steps>
        <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('batch/mixing.all-steps-and-cautions')}</summary>
        <ol>
            {#each tally.tasks.keys() as i (i)}<StepRow load={tally.load} number={i + 1} {tally} go={() => walk.to(i + 1)} />{/each}
        </ol>
        <ul class="my-3 list-disc space-y-1 pl-6">
            {#each tally.batch.plan.cautions as caution (caution.code)}<li>{caution.text}</li>{/each}
        </ul>
        <TakeBack kind="batches" of={batch} what={say('batch/mixing.batch')} label={say('batch/mixing.take-batch-back')} leave="/batches" />
    </details>
</div>
<MixingSheet {tally} />
