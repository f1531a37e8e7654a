<script lang="ts">
    import { tick } from 'svelte';
    import { api, taken, type Schemas } from '../../lib/client';
    import { line } from '../../lib/line.svelte';
    import { Kept } from '../../lib/kept';
    import { Loaded } from '../../lib/loaded.svelte';
    import { onDay } from '../../lib/time';
    import { undo } from '../../lib/undo.svelte';
    import Head from '../../parts/Head.svelte';
    import Waiting from '../../parts/Waiting.svelte';
    import { route } from '../../routes';
    import CaseAhead from './CaseAhead.svelte';
    import CloseForm from './CloseForm.svelte';
    import CourseForm from './CourseForm.svelte';
    import CaseRow from './CaseRow.svelte';
    import CountForm from './CountForm.svelte';
    import AlsoOn from './AlsoOn.svelte';
    import NextAct from './NextAct.svelte';
    import RoundForm from './RoundForm.svelte';
    import Rounds from './Rounds.svelte';

    const id = Number(route.params.id);
    const page = new Loaded(async () => {
        const one = await taken(api.GET('/api/cases/{id}', { params: { path: { id } } }));
        line.names.set(`cases/${one.key}`, one.name);
        one.rounds.forEach((round) => line.names.set(`rounds/${round.key}`, `${one.name}, ${onDay(round.sprayedAt)}`));
        if (first) {
            first = false;
            open = {
                ...open,
                count: typed(`count-of-case-${one.key}`),
                round: typed(`round-of-case-${one.key}`),
                close: typed(`close-case-${one.key}`),
            };
        }
        return one;
    });
    undo.followedBy(page);
    let first = true;
    /** What was typed and not saved yet is shown without a tap. */
    const typed = (form: string): boolean => new Kept(`idle-mixer-typed/${form}`).read() !== null;
    let open = $state({ count: false, round: false, close: false, also: false, plan: false, seen: false });

    /** Opens the form that asks spot by spot, and goes there. */
    async function look(): Promise<void> {
        open.count = true;
        await tick();
        document.querySelector('#look')?.scrollIntoView();
    }

    /** What was saved is said, the form is shut, and the top says what is next. */
    function saved(next: Schemas['Case']): void {
        page.value = next;
        open = { count: false, round: false, close: false, also: false, plan: false, seen: false };
        scrollTo({ top: 0 });
    }
</script>

<Waiting of={page}>
    {#snippet children(one)}
        <Head title={one.name}
            ><a class="btn" href={`/api/cases/${one.id}/story`} target="_blank" rel="noopener">{say('cases/case.story')}</a><a
                class="btn"
                href={`/cases/${one.id}/choose`}>{say('cases/case.contain-and-choose')}</a
            ></Head
        >
        <p class="quiet -mt-3 mb-3">
            {say('cases/case.on')} <a class="link" href={`/plants/${one.plant.id}`}>{one.plant.name}</a>{#if one.plant.place}, {one.plant
                    .place}{/if}{say('cases/case.since', { openedAt: onDay(one.openedAt) })}
            {#if one.closedAt}<strong>{say('cases/case.closed', { closedAt: onDay(one.closedAt) })}</strong> {one.conclusion}{/if}
        </p>
        {#if one.closedAt === null}<NextAct {one} onsaved={saved} onlook={look} />{/if}
        <a class="link no-print mt-2 inline-flex min-h-11 items-center" href={`/plants/${one.plant.id}#burnt`}
            >{say('cases/case.leaves-look-burnt')}</a
        >
        <CaseRow {one} onsaved={saved} />
        <Rounds {one} onsaved={saved} />
        {#if one.rounds.length > 0}
            <details class="dish mt-4" bind:open={open.plan}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('cases/case.plan')}</summary>
                {#if open.plan}{#key one.version}<CaseAhead {one} /><CourseForm {one} onsaved={saved} />{/key}{/if}
            </details>
        {/if}
        {#if one.closedAt === null && one.counts.length > 0}
            <details class="dish mt-4" data-seen-ahead bind:open={open.seen}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('cases/case.seen-ahead')}</summary>
                {#if open.seen}{#await import('./SeenAhead.svelte') then { default: SeenAhead }}{#key one.version}<SeenAhead
                                {one}
                                onsaved={(next) => (page.value = next)}
                            />{/key}{/await}{/if}
            </details>
        {/if}
        {#if one.notes}<p class="quiet mt-4 whitespace-pre-line">{one.notes}</p>{/if}
        <div class="no-print mt-6 grid items-start gap-x-8 lg:grid-cols-2">
            <details class="border-base-300 border-b" id="look" bind:open={open.count}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('cases/case.count')}</summary>
                {#if open.count}<CountForm {one} onsaved={saved} />{/if}
            </details>
            <details class="border-base-300 border-b" bind:open={open.round}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('cases/case.was-sprayed')}</summary>
                {#if open.round}<RoundForm {one} onsaved={saved} />{/if}
            </details>
            <details class="border-base-300 border-b" bind:open={open.also}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold">{say('cases/case.on-another-plant-too')}</summary>
                {#if open.also}<AlsoOn {one} />{/if}
            </details>
            <details class="border-base-300 border-b" bind:open={open.close}>
                <summary class="min-h-12 cursor-pointer py-3 font-bold"
                    >{one.closedAt === null ? say('cases/case.close-case') : say('cases/case.open-again')}</summary
                >
                {#if open.close}{#key one.version}<CloseForm {one} onsaved={saved} />{/key}{/if}
            </details>
        </div>
    {/snippet}
</Waiting>
