<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { line } from '../../lib/line.svelte';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Head from '../../parts/Head.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Standing from '../../parts/Standing.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import LeafSheet from './LeafSheet.svelte';
    import Looks from './Looks.svelte';
    import ReadingForm from './ReadingForm.svelte';
    import TestDetails from './TestDetails.svelte';

    /** While it waits for a look; after its last word, one more is asked for with a tap. */
    const OPEN: Schemas['LeafTest']['outcome'][] = ['waiting', 'look-now', 'look-again'];
    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        const [test, catalogue] = await Promise.all([
            taken(api.GET('/api/leaf-tests/{id}', { params: { path: { id } } })),
            taken(api.GET('/api/catalogue')),
        ]);
        line.names.set(`leaf-tests/${test.key}`, `${test.batch.name}, ${test.plant.name}`);
        return { test, catalogue };
    });
    undo.followedBy(page);

    function read(test: Schemas['LeafTest']): void {
        if (page.value !== null) {
            page.value = { ...page.value, test };
        }
    }
</script>

<Waiting of={page}>
    {#snippet children({ test, catalogue })}
        <Head title={say('leaf/leaf-test.leaf-test-on', { name: test.plant.name })} />
        <div
            class={['mb-4 border-l-8 pl-4 text-lg', { ok: 'border-success', caution: 'border-warning', stop: 'border-error' }[test.level]]}
            role="status"
            data-outcome={test.outcome}
        >
            <LevelMark level={test.outcome === 'waiting' ? 'wait' : test.level} />
            <p>{test.because} <Standing verdict={test} /></p>
            {#if test.outcome === 'go-ahead'}<p class="no-print mt-2">
                    {#if test.batch.waits && test.batch.caseId !== null}<a class="act" href={`/cases/${test.batch.caseId}`}
                            >{say('leaf/leaf-test.spray')}</a
                        >{:else}<a class="act" href={`/bench?again=${test.batch.id}`}>{say('leaf/leaf-test.mix-full-batch')}</a>{/if}
                </p>{/if}
            {#if test.weaker !== null}
                <p class="no-print mt-2">
                    {#if test.weaker.proven}<a class="act" href={`/bench?again=${test.batch.id}&times=${test.weaker.factor}`}
                            >{say('leaf/leaf-test.mix-at', { words: test.weaker.words })}</a
                        >{:else}<a class="act" href={`/bench?again=${test.batch.id}&times=${test.weaker.factor}&cup=1`}
                            >{say('leaf/leaf-test.test-again', {
                                factor:
                                    test.weaker.factor === 0.5 ? say('leaf/leaf-test.half-strength') : say('leaf/leaf-test.half-of-that'),
                            })}</a
                        >{/if}
                </p>
            {/if}
            <details class="text-base">
                <summary class="link min-h-11 cursor-pointer py-2">
                    {say('leaf/leaf-test.wetted-due', {
                        name: test.batch.name,
                        appliedAt: atTime(test.appliedAt),
                        dueAt: atTime(test.dueAt),
                    })}
                </summary>
                {#if test.spray.length > 0}<p>
                        {say('leaf/leaf-test.tested-at-speaks-for-this', { spray: test.spray.join(', ') })}
                    </p>{/if}
                {#if test.marks}<p>{say('leaf/leaf-test.where-leaves-are', { marks: test.marks })}</p>{/if}
                <p class="flex flex-wrap gap-x-4">
                    <a class="link min-h-11 py-2" href={`/batches/${test.batch.id}`}>{test.batch.name}</a>
                    <a class="link min-h-11 py-2" href={`/plants/${test.plant.id}`}>{test.plant.name}</a>
                    {#if test.batch.caseId !== null}<a class="link min-h-11 py-2" href={`/cases/${test.batch.caseId}`}
                            >{say('leaf/leaf-test.its-case')}</a
                        >{/if}
                    <a class="link min-h-11 py-2" href="/eye">{say('leaf/leaf-test.train-your-eye-on-drawn')}</a>
                </p>
            </details>
        </div>
        <div class="grid items-start gap-4 lg:grid-cols-2">
            {#if OPEN.includes(test.outcome)}
                {@render look(test, catalogue)}
            {:else}
                <details class="dish no-print">
                    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('leaf/leaf-test.look-once-more')}</summary>
                    {@render look(test, catalogue)}
                </details>
            {/if}
            <div class="grid content-start gap-4">
                {#if OPEN.includes(test.outcome)}<LeafSheet {test} />{/if}
                <Looks {test} {catalogue} onread={read} />
                <details class="dish no-print" data-details>
                    <summary class="min-h-11 cursor-pointer py-2 font-bold">{say('leaf/leaf-test.test-itself-correct-or-take')}</summary>
                    {#key JSON.stringify(test)}<TestDetails {test} {catalogue} onsaved={read} />{/key}
                </details>
            </div>
        </div>
    {/snippet}
</Waiting>

{#snippet look(test: Schemas['LeafTest'], catalogue: Schemas['Catalogue'])}
    {#key JSON.stringify(test.leafList.map((one) => one.number))}<ReadingForm
            {test}
            {catalogue}
            onread={read}
            onphoto={() => void page.reload()}
        />{/key}
{/snippet}
