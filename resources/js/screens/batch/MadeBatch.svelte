<script lang="ts">
    import GateSays from '../../parts/GateSays.svelte';
    import By from '../../parts/By.svelte';
    import { bottlePlace } from '../../lib/bottle';
    import type { Schemas } from '../../lib/client';
    import { atTime, fromNow } from '../../lib/time';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Verdicts from '../../parts/Verdicts.svelte';
    import LeafTestForm from '../leaf/LeafTestForm.svelte';
    import BatchDetails from './BatchDetails.svelte';
    import Happened from './Happened.svelte';
    import MadeActs from './MadeActs.svelte';
    import PlannedAndMade from './PlannedAndMade.svelte';
    import Rest from './Rest.svelte';
    import ReshakeTimer from './ReshakeTimer.svelte';
    import StandTests from './StandTests.svelte';

    const {
        batch,
        catalogue,
        onchange,
    }: { batch: Schemas['Batch']; catalogue: Schemas['Catalogue']; onchange: (batch: Schemas['Batch']) => void } = $props();
    const SEASONS: Record<Schemas['Batch']['season'], string> = {
        growing: say('batch/made-batch.in-leaf'),
        dormant: say('batch/made-batch.dormant'),
        unknown: say('batch/made-batch.unknown-nobody-said'),
    };
    let resting = $state(location.hash === '#rest');
    const unsteady = $derived(catalogue.standTests.find((one) => one.code === batch.standTest)?.unsteady ?? false);
    const again = $derived(batch.plan.emulsion.orders.find((one) => one.order === batch.recipeDocument.order));
</script>

<div class="grid items-start gap-4 lg:grid-cols-2">
    <section class="dish grid content-start gap-3">
        <h2>{say('batch/made-batch.what-in-bottle')}</h2>
        <p class="flex flex-wrap items-center gap-3 text-lg">
            <!-- Where a plant is meant, the gate speaks alone: one screen says one thing. -->
            {#if batch.discardedAt === null && batch.gate === null}<LevelMark
                    level={batch.bottle.end === null && batch.bottle.act !== 'mend' ? 'ok' : 'stop'}
                />{/if}<strong data-state={batch.bottle.state}>{batch.bottle.words}</strong>
        </p>
        {#if batch.bottle.actWords && batch.bottle.act !== 'pour-off'}
            {@const place = bottlePlace(batch.bottle, batch.id, batch.case?.id ?? null)}
            {#if place.split('#')[0] === `/batches/${batch.id}`}<p class="font-bold" data-act={batch.bottle.act}>
                    {say('batch/made-batch.next', { act: batch.bottle.actWords })}
                </p>
            {:else}<a class="act justify-self-start" href={place} data-act={batch.bottle.act}>{batch.bottle.actWords}</a>{/if}
        {/if}
        {#if batch.bottle.act === 'stand-test' || batch.bottle.act === 'mend'}<StandTests {batch} {catalogue} ontested={onchange} />{/if}
        <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            <dt class="quiet">{say('batch/made-batch.made')}</dt>
            <dd>
                {batch.madeAt === null ? say('batch/made-batch.not-saved') : atTime(batch.madeAt)}, {batch.makeWords}
                <By who={batch.who} />
            </dd>
            {#if batch.discardAt !== null && batch.discardedAt === null}<dt class="quiet">{say('batch/made-batch.throw-away')}</dt>
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
        {#if batch.actual !== null}<PlannedAndMade plan={batch.plan} actual={batch.actual} />{/if}
        <MadeActs {batch} {onchange} />
        {#key batch.version}<BatchDetails {batch} {catalogue} onsaved={onchange} />{/key}
    </section>
    <div class="grid content-start gap-4">
        {#if batch.bottle.end === null && again !== undefined}<ReshakeTimer seconds={again.reshake_seconds} words={again.words} />{/if}
        {#if batch.gate !== null && batch.discardedAt === null}
            <section class="dish">
                <h2 class="mb-2">{say('batch/made-batch.may-it-go-on')}</h2>
                <GateSays gate={batch.gate} />
                {#if batch.plant !== null}<a class="link inline-flex min-h-11 items-center" href={`/plants/${batch.plant.id}#burnt`}
                        >{say('batch/made-batch.leaves-look-burnt')}</a
                    >{/if}
            </section>
        {/if}
        {#if batch.discardedAt === null && batch.jar === null}
            <details class="dish no-print" id="rest" bind:open={resting}>
                <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('batch/made-batch.what-left-and-where-may')}</summary>
                {#if resting}<Rest batch={batch.id} />{/if}
            </details>
        {/if}
        {#if batch.discardedAt === null && batch.jar === null}<div id="leaf-test"><LeafTestForm {batch} {catalogue} /></div>{/if}
        {#if batch.discardedAt === null}
            <details class="dish no-print" open={batch.lines.length > 0}>
                <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('batch/made-batch.something-happened')}</summary>
                <Happened {batch} {catalogue} load={Math.max(1, batch.bottle.mixed)} onkept={onchange} />
            </details>
        {/if}
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
