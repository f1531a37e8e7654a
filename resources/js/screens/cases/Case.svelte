<script lang="ts">
    import { api, taken } from '../../lib/client';
    import { Loaded } from '../../lib/loaded.svelte';
    import { onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import CloseForm from './CloseForm.svelte';
    import CountCurve from './CountCurve.svelte';
    import CountForm from './CountForm.svelte';
    import RoundForm from './RoundForm.svelte';
    import Rounds from './Rounds.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(() => taken(api.GET('/api/cases/{id}', { params: { path: { id } } })));
    undo.followedBy(page);
</script>

<Waiting of={page}>
    {#snippet children(one)}
        <Head title={one.name}
            ><a class="btn" href={`/cases/${one.id}/choose`}>Contain and choose</a><a class="btn btn-primary" href={`/bench?case=${one.id}`}
                >Mix a spray for it</a
            ></Head
        >
        <p class="mb-4">
            Since {onDay(one.openedAt)}{#if one.plant.place}, {one.plant.place}{/if}.
            {#if one.closedAt}<strong>Closed {onDay(one.closedAt)}.</strong> {one.conclusion}{/if}
            {#if one.notes}<span class="quiet block whitespace-pre-line">{one.notes}</span>{/if}
        </p>
        <div class="grid gap-4 lg:grid-cols-[minmax(0,1.4fr)_minmax(19rem,1fr)]">
            <div class="grid min-w-0 content-start gap-4">
                <CountCurve {one} onsaved={(next) => (page.value = next)} />
                <Rounds {one} onsaved={(next) => (page.value = next)} />
            </div>
            <div class="no-print grid content-start gap-4">
                <CountForm {one} onsaved={(next) => (page.value = next)} />
                <RoundForm {one} onsaved={(next) => (page.value = next)} />
                {#key one.version}<CloseForm {one} onsaved={(next) => (page.value = next)} />{/key}
            </div>
        </div>
    {/snippet}
</Waiting>
