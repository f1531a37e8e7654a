<script lang="ts">
    import type { Schemas } from '../../lib/client';
    import { short } from '../../lib/figures';
    import { briefly } from '../../lib/verdicts';
    import LevelMark from '../../parts/LevelMark.svelte';

    interface Props {
        made: Schemas['OnTheShelf'];
        caseId: number;
    }
    const { made, caseId }: Props = $props();
    /** So many are told in full; the rest is behind one tap. */
    const FIRST = 3;
    type Spray = Schemas['MadeSpray'];

    const bench = (one: Spray): string =>
        `/bench?recipe=${one.slug}` +
        (caseId > 0 ? `&case=${caseId}` : '') +
        (one.half ? '&dose=half' : one.highEnd ? '&dose=high' : '') +
        (one.stocked ? '&shelf=1' : '') +
        (made.sprayerId === null ? '' : `&sprayer=${made.sprayerId}`) +
        (one.ends === '' ? '' : `&make=${short(one.make.amount)}&unit=${encodeURIComponent(one.make.unit)}`);
</script>

{#snippet spray(one: Spray, main: boolean)}
    <li class="border-base-300 grid gap-1 border-b pb-3" data-made={one.slug}>
        <div class="flex flex-wrap items-baseline gap-x-3">
            <h3 class="text-xl font-bold">{one.name}</h3>
            <span class="font-bold">{say('shelf/made.makes', { makes: one.makes })}</span>
            <span class="quiet">{one.strength}</span>
            {#if one.costs !== ''}<span data-costs>{one.costs}</span>{/if}
        </div>
        {#if one.ends !== ''}<p data-ends>{one.ends}</p>{/if}
        {#each one.instead as each (each)}<p data-instead>{each}</p>{/each}
        <p class="quiet">{one.lines.join(', ')}</p>
        {#if one.gate.reasons[0] !== undefined}<p class="flex items-start gap-2">
                <LevelMark level={one.gate.reasons[0].level} /><span>{briefly(one.gate.reasons[0].text)}</span>
            </p>{/if}
        <div><a class={main ? 'act' : 'btn'} href={bench(one)}>{say('shelf/made.take-to-bench', { name: one.name })}</a></div>
    </li>
{/snippet}

<section class="no-print grid gap-3" aria-label={say('shelf/made.can-be-made-now')} data-can-make>
    <h2>{say('shelf/made.can-be-made-now')}</h2>
    <p class="quiet">{say('shelf/made.one-fill-is', { fill: made.fill })}</p>
    {#if made.sprays.length === 0}
        <p>{made.stocked ? say('shelf/made.nothing-of-this') : say('shelf/made.nothing-yet')}</p>
    {:else}
        <ul class="grid gap-3">
            {#each made.sprays.slice(0, FIRST) as one, i (one.slug)}{@render spray(one, i === 0)}{/each}
        </ul>
        {#if made.sprays.length > FIRST}<details>
                <summary class="link min-h-11 cursor-pointer py-2"
                    >{say('shelf/made.more-that-can', { sprays: made.sprays.length - FIRST })}</summary
                >
                <ul class="grid gap-3">
                    {#each made.sprays.slice(FIRST) as one (one.slug)}{@render spray(one, false)}{/each}
                </ul>
            </details>{/if}
    {/if}
    {#if made.stocked && made.lacking.length > 0}<details>
            <summary class="min-h-11 cursor-pointer py-2 font-bold"
                >{say('shelf/made.would-do-and-lacks', { lacking: made.lacking.length })}</summary
            >
            <ul>
                {#each made.lacking as one (one.slug)}<li class="py-1">
                        {say('shelf/made.lacks', { name: one.name, lacks: one.lacks })}
                    </li>{/each}
            </ul>
        </details>{/if}
</section>
