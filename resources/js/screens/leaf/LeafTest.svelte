<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { atTime } from '../../lib/time';
    import Head from '../../parts/Head.svelte';
    import LevelMark from '../../parts/LevelMark.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import LeafDrawing from './LeafDrawing.svelte';
    import ReadingForm from './ReadingForm.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => ({
        test: await taken(api.GET('/api/leaf-tests/{id}', { params: { path: { id } } })),
        catalogue: await taken(api.GET('/api/catalogue')),
    }));
</script>

<Waiting of={page}>
    {#snippet children({ test, catalogue })}
        <Head title={`Leaf test on ${test.plant.name}`}>
            <a class="btn" href={`/batches/${test.batch.id}`}>{test.batch.name}</a>
            {#if test.batch.caseId !== null}<a class="btn btn-primary" href={`/cases/${test.batch.caseId}`}>To the case</a>{/if}
        </Head>
        <div
            class={['mb-4 border-l-8 pl-4 text-lg', { ok: 'border-success', caution: 'border-warning', stop: 'border-error' }[test.level]]}
            role="status"
            data-outcome={test.outcome}
        >
            <LevelMark level={test.level} />
            <p>{test.because}</p>
            <p class="quiet text-base">Wetted {atTime(test.appliedAt)}; the {test.waitHours} hours are over {atTime(test.dueAt)}.</p>
        </div>
        <div class="grid items-start gap-4 lg:grid-cols-2">
            <ReadingForm {test} {catalogue} onread={(next) => (page.value = { test: next, catalogue })} />
            <section class="dish">
                <h2>Looks so far</h2>
                {#if test.readings.length === 0}<p class="quiet mt-2">None yet.</p>{/if}
                <ul class="mt-2 grid gap-4">
                    {#each test.readings as reading (reading.id)}
                        <li>
                            <p class="font-bold">{atTime(reading.readAt)}</p>
                            <ul class="flex flex-wrap gap-4">
                                {#each reading.reactions as reaction, n (n)}
                                    <li class="grid justify-items-center text-sm"><LeafDrawing {reaction} />leaf {n + 1}: {reaction}</li>
                                {/each}
                            </ul>
                            {#if reading.notes}<p class="whitespace-pre-line">{reading.notes}</p>{/if}
                        </li>
                    {/each}
                </ul>
            </section>
        </div>
    {/snippet}
</Waiting>
