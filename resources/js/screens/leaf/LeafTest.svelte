<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Head from '../../parts/Head.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import Looks from './Looks.svelte';
    import ReadingForm from './ReadingForm.svelte';
    import TestDetails from './TestDetails.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        const [test, catalogue] = await Promise.all([
            taken(api.GET('/api/leaf-tests/{id}', { params: { path: { id } } })),
            taken(api.GET('/api/catalogue')),
        ]);
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
        <Head title={`Leaf test on ${test.plant.name}`}>
            <a class="btn" href={`/batches/${test.batch.id}`}>{test.batch.name}</a>
            <a class="btn" href={`/plants/${test.plant.id}`}>{test.plant.name}</a>
            {#if test.batch.caseId !== null}<a class="btn btn-primary" href={`/cases/${test.batch.caseId}`}>To the case</a>{/if}
        </Head>
        <div
            class={['mb-4 border-l-8 pl-4 text-lg', { ok: 'border-success', caution: 'border-warning', stop: 'border-error' }[test.level]]}
            role="status"
            data-outcome={test.outcome}
        >
            <LevelMark level={test.level} />
            <p>{test.because}</p>
            {#if test.spray.length > 0}<p class="text-base">
                    Tested at {test.spray.join(', ')}: it speaks for this spray up to that strength, in whatever batch.
                </p>{/if}
            <p class="quiet text-base">Wetted {atTime(test.appliedAt)}; the {test.waitHours} hours are over {atTime(test.dueAt)}.</p>
        </div>
        <div class="grid items-start gap-4 lg:grid-cols-2">
            {#key test.leaves}<ReadingForm {test} {catalogue} onread={read} />{/key}
            <div class="grid content-start gap-4">
                <Looks {test} {catalogue} onread={read} />
                <details class="dish no-print" data-details>
                    <summary class="min-h-11 cursor-pointer py-2 font-bold">The test itself: correct it, or take it back</summary>
                    {#key JSON.stringify(test)}<TestDetails {test} {catalogue} onsaved={read} />{/key}
                </details>
            </div>
        </div>
    {/snippet}
</Waiting>
