<script lang="ts">
    import By from '../../parts/By.svelte';
    import { discard, end } from '../../lib/batches';
    import type { Schemas } from '../../lib/client';
    import { millilitres } from '../../lib/figures';
    import { Sending } from '../../lib/sending.svelte';
    import { atTime, fromNow } from '../../lib/time';
    import FaultNote from '../../parts/FaultNote.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import LeafTestForm from '../leaf/LeafTestForm.svelte';
    import BatchDetails from './BatchDetails.svelte';
    import Rest from './Rest.svelte';
    import ReshakeTimer from './ReshakeTimer.svelte';
    import { statusWords } from './status';

    const {
        batch,
        catalogue,
        onchange,
    }: { batch: Schemas['Batch']; catalogue: Schemas['Catalogue']; onchange: (batch: Schemas['Batch']) => void } = $props();
    const SEASONS: Record<Schemas['Batch']['season'], string> = {
        growing: say('batch/made-batch.in-leaf'),
        dormant: 'dormant',
        unknown: say('batch/made-batch.unknown-nobody-said'),
    };
    const sending = new Sending();
    let resting = $state(false);
    const unsteady = $derived(catalogue.standTests.find((one) => one.code === batch.standTest)?.unsteady ?? false);

    const again = $derived(batch.plan.emulsion.orders.find((one) => one.order === batch.recipeDocument.order));

    async function leave(discarded: boolean, usedUp = false): Promise<void> {
        const saved = await sending.send(() => (discarded ? end(batch.id, usedUp) : discard(batch.id, false)));
        if (saved !== null) {
            onchange(saved);
        }
    }
</script>

<FaultNote fault={sending.fault} />
<div class="grid items-start gap-4 lg:grid-cols-2">
    <section class="dish grid content-start gap-3">
        <h2>{say('batch/made-batch.what-in-bottle')}</h2>
        <p class="flex flex-wrap items-center gap-3 text-lg">
            {#if batch.status !== 'discarded' && batch.status !== 'used-up'}<LevelMark
                    level={batch.status === 'ready' && !unsteady ? 'ok' : 'stop'}
                />{/if}<strong>{statusWords(batch.status)}</strong>
        </p>
        <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            <dt class="quiet">{say('batch/made-batch.made')}</dt>
            <dd>
                {batch.madeAt === null ? say('batch/made-batch.not-saved') : atTime(batch.madeAt)}, {batch.makeWords}
                <By who={batch.who} />
            </dd>
            {#if batch.discardAt !== null}<dt class="quiet">{say('batch/made-batch.throw-away')}</dt>
                <dd>
                    {say('batch/made-batch.by', { discardAt: atTime(batch.discardAt), discardAt2: fromNow(batch.discardAt, new Date()) })}
                </dd>{/if}
            {#if batch.jar !== null}<dt class="quiet">{say('batch/made-batch.in-jar')}</dt>
                <dd data-left>
                    {batch.jar.empty
                        ? say('batch/made-batch.nothing-any-more')
                        : say('batch/made-batch.left', { leftWords: batch.jar.leftWords })}
                </dd>{/if}
            {#if batch.pouredFrom !== null}<dt class="quiet">{say('batch/made-batch.poured-from')}</dt>
                <dd>
                    <a class="link" href={`/batches/${batch.pouredFrom.id}`}
                        >{say('batch/made-batch.jar', { name: batch.pouredFrom.name, id: batch.pouredFrom.id })}</a
                    >
                </dd>{/if}
            <dt class="quiet">{say('batch/made-batch.glass')}</dt>
            <dd>
                {batch.standTestWords}{#if unsteady}{say('batch/made-batch.oil-out-of-water-little')}{/if}
            </dd>
            {#if batch.actual !== null}
                <dt class="quiet">{say('batch/made-batch.as-measured')}</dt>
                <dd>
                    {batch.actual.spoken.join(', ') || say('batch/made-batch.water-only')}
                    <span class="quiet">{say('batch/made-batch.planned', { strength: batch.plan.spoken.strength.join(', ') })}</span>
                </dd>
                <dt class="quiet">{say('batch/made-batch.tally')}</dt>
                <dd>{say('batch/made-batch.of-spoonfuls-ticked', { ticked: batch.actual.ticked, planned: batch.actual.planned })}</dd>
            {/if}
            <dt class="quiet">{say('batch/made-batch.recipe')}</dt>
            <dd>{say('batch/made-batch.version-in-this-notebook', { name: batch.name, version: batch.recipe.version })}</dd>
            <dt class="quiet">{say('batch/made-batch.season')}</dt>
            <dd>{SEASONS[batch.season]}</dd>
            <dt class="quiet">{say('batch/made-batch.water')}</dt>
            <dd>
                {batch.water.hardnessMgL === null
                    ? say('batch/made-batch.hardness-unknown')
                    : say('batch/made-batch.mg-l-hard', { hardnessMgL: batch.water.hardnessMgL })}
            </dd>
            {#if batch.notes}<dt class="quiet">{say('batch/made-batch.notes')}</dt>
                <dd class="whitespace-pre-line">{batch.notes}</dd>{/if}
        </dl>
        {#if batch.actual !== null}
            <table class="table">
                <caption class="sr-only">{say('batch/made-batch.amounts-planned-and-as-measured')}</caption>
                <thead
                    ><tr
                        ><th scope="col">{say('batch/made-batch.ingredient')}</th><th scope="col">{say('batch/made-batch.planned-2')}</th
                        ><th scope="col">{say('batch/made-batch.as-measured')}</th></tr
                    ></thead
                >
                <tbody>
                    {#each batch.plan.lines as line, i (i)}
                        <tr
                            ><th scope="row" class="font-normal">{line.name}</th><td class="numeral">{millilitres(line.mL)}</td><td
                                class="numeral"
                                >{millilitres(
                                    batch.actual.lines
                                        .filter((one) => one.ingredient === line.ingredient)
                                        .reduce((all, one) => all + one.mL, 0),
                                )}</td
                            ></tr
                        >
                    {/each}
                    <tr
                        ><th scope="row" class="font-normal">{say('batch/made-batch.water-2')}</th><td class="numeral"
                            >{millilitres(batch.plan.water_mL)}</td
                        ><td class="numeral">{millilitres(batch.actual.water_mL)}</td></tr
                    >
                </tbody>
            </table>
        {/if}
        <div class="no-print flex flex-wrap gap-2">
            {#if batch.discardedAt === null}
                <button class="btn" disabled={sending.busy} onclick={() => void leave(true, true)}>{say('batch/made-batch.used-up')}</button
                >
                <button class="btn" disabled={sending.busy} onclick={() => void leave(true)}>{say('batch/made-batch.thrown-away')}</button>
            {:else}
                <button class="btn" disabled={sending.busy} onclick={() => void leave(false)}>{say('batch/made-batch.still-there')}</button>
            {/if}
            {#if batch.jar !== null && batch.status === 'ready' && !batch.jar.empty}<a class="btn btn-primary" href="/bench"
                    >{say('batch/made-batch.pour-from-at-bench')}</a
                >{/if}
            {#if batch.discardedAt === null}<a class="btn" href={`/labels/${batch.id}`}>{say('batch/made-batch.label-to-print')}</a>{/if}
            {#if batch.jar === null}<a class="btn" href={`/bench?again=${batch.id}`}>{say('batch/made-batch.mix-same-again')}</a>{/if}
            {#if batch.jar === null && batch.status === 'ready'}<a
                    class="btn"
                    href={`/bed?batch=${batch.id}${batch.case ? `&case=${batch.case.id}` : ''}`}
                    >{say('batch/made-batch.into-bed-step-by-step')}</a
                >{/if}
            {#if batch.case && batch.status === 'ready'}<a class="btn btn-primary" href={`/cases/${batch.case.id}`}
                    >{say('batch/made-batch.spray', { name: batch.case.name })}</a
                >{/if}
        </div>
        {#key batch.version}<BatchDetails {batch} {catalogue} onsaved={onchange} />{/key}
    </section>
    <div class="grid content-start gap-4">
        {#if batch.status === 'ready' && again !== undefined}<ReshakeTimer seconds={again.reshake_seconds} words={again.words} />{/if}
        {#if batch.discardedAt === null && batch.jar === null}
            <details class="dish no-print" bind:open={resting}>
                <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('batch/made-batch.what-left-and-where-may')}</summary>
                {#if resting}<Rest batch={batch.id} />{/if}
            </details>
        {/if}
        {#if batch.discardedAt === null && batch.jar === null}<LeafTestForm {batch} {catalogue} />{/if}
        {#if batch.leafTestIds.length > 0}
            <section class="dish">
                <h2>{say('batch/made-batch.leaf-tests-of-this-batch')}</h2>
                <ul class="mt-2">
                    {#each batch.leafTestIds as id (id)}<li>
                            <a class="link inline-flex min-h-11 items-center" href={`/leaf-tests/${id}`}
                                >{say('batch/made-batch.leaf-test', { id })}</a
                            >
                        </li>{/each}
                </ul>
            </section>
        {/if}
        {#if batch.standTests.length > 0}
            <section class="dish">
                <h2>{say('batch/made-batch.its-glasses')}</h2>
                <ol class="mt-2 list-decimal pl-6">
                    {#each batch.standTests as test (test.id)}<li>{test.words}. {test.advice}</li>{/each}
                </ol>
            </section>
        {/if}
        <section class="dish">
            <h2 class="mb-3">{say('batch/made-batch.what-was-said-of')}</h2>
            <Verdicts verdicts={batch.plan.verdicts} />
        </section>
    </div>
</div>
