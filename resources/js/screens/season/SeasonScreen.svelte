<script lang="ts">
    import { api, taken, type Schemas } from '../../lib/client';
    import { warmth } from '../../lib/weather';
    import FaultNote from '../../parts/FaultNote.svelte';
    import Head from '../../parts/Head.svelte';
    import { Season } from './season.svelte';
    import SeasonDrawing from './SeasonDrawing.svelte';

    /** Whoever is sent a garden by its number has the same. */
    const named = /^\d{1,6}$/.exec(new URLSearchParams(location.search).get('garden') ?? '')?.[0];
    const season = new Season((body) => taken(api.POST('/api/seasons', { body })), named === undefined ? undefined : Number(named));
    /** What the own season is drawn against once it is over. */
    let against = $state('');
    const ways = $derived<Schemas['SeasonWay'][]>(season.seen?.end ? [...season.seen.end.mistakes, season.seen.end.best] : []);
    const other = $derived(ways.find((way) => way.name === against) ?? ways[0] ?? null);

    function begin(garden?: number): void {
        against = '';
        void season.begin(garden);
    }
</script>

<Head title={say('season/season.title')} />
{#if season.seen === null}
    <FaultNote fault={season.fault} again={() => begin(season.garden)} />
{:else}
    {@const seen = season.seen}
    <p class="mb-2">
        <strong>{say('season/season.what', { pest: seen.pestName, warmth: warmth(seen.celsius) })}</strong>
        {say('season/season.task')}
    </p>
    <p class="quiet" role="status">
        {season.over ? say('season/season.over', { days: seen.days }) : say('season/season.day', { day: season.day, days: seen.days })}
    </p>
    <SeasonDrawing {season} {seen} {other} />
    <FaultNote fault={season.fault} />
    {#if seen.end === null}
        <div class="grid max-w-3xl grid-cols-2 gap-2 sm:grid-cols-4">
            <button class="btn" disabled={!season.mayLook} onclick={() => void season.look()}>{say('season/season.look')}</button>
            <button class="btn" disabled={!season.maySpray} onclick={() => void season.spray()}>{say('season/season.spray')}</button>
            <button class="btn" onclick={() => void season.pass(1)}>{say('season/season.a-day')}</button>
            <button class="btn" onclick={() => void season.pass(7)}>{say('season/season.a-week')}</button>
        </div>
        {#if season.day > seen.sprayedUntil}<p class="quiet mt-2">{say('season/season.no-more', { day: seen.sprayedUntil })}</p>{/if}
        <p class="quiet mt-2 text-sm">{say('season/season.ten-leaves')}</p>
    {:else}
        <p class="my-2 text-lg font-bold" data-outcome>{seen.end.words}</p>
        <ul class="grid gap-1">
            {#each ways as way (way.name)}
                <li>
                    <label class="flex min-h-11 items-start gap-3 py-1"
                        ><input
                            type="radio"
                            class="radio border-base-content mt-1"
                            name="against"
                            value={way.name}
                            checked={way.name === other?.name}
                            onchange={() => (against = way.name)}
                        /><span data-way={way.name}>{way.words}</span></label
                    >
                </li>
            {/each}
        </ul>
        <p class="quiet text-sm">{say('season/season.drawn')}</p>
        <div class="mt-3 flex flex-wrap gap-2">
            <button class="act" onclick={() => begin()}>{say('season/season.another')}</button><button
                class="btn"
                onclick={() => begin(season.garden)}>{say('season/season.again')}</button
            >
        </div>
    {/if}
{/if}
